# frozen_string_literal: true

require_relative "../../../app/forms/fields"

RSpec.describe FondKettle::Methods::Asking do
  it "is what both the form of a page and a request as JSON are asked by, with the same bounds" do
    described_class::ALL.each do |asked|
      expect(FondKettle::Forms::PLAN.key_map.map(&:name)).to include(asked.typed.key.to_s)
      expect(asked.told.range).to eq(asked.typed.range)
      outside = asked.told.range.is_a?(Range) ? asked.told.range.max + 1 : "nothing of the kind"
      typed = FondKettle::Forms::PLAN.call(asked.typed.key => outside.to_s)
      group, name = asked.path.size == 2 ? asked.path : [nil, asked.path.first]
      told = group ? { group.to_s => { name.to_s => outside } } : { name.to_s => outside }
      said = [typed.errors.to_h.keys, problems_of(told)]
      expect(said).to match([[asked.typed.key], a_collection_including(asked.path.join("."))])
    end
  end

  # Paths of what is wrong with a request.
  def problems_of(told)
    request_for(JSON.parse(JSON.generate(basic_request(**told.transform_keys(&:to_sym)))))
    []
  rescue FondKettle::InvalidInput => e
    e.problems.map { |problem| problem[:field] }
  end
end
