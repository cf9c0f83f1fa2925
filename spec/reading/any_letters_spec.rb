# frozen_string_literal: true

require_relative "../../lib/fond_kettle/reading/reader"

# A pattern that looks behind it for letters that have a form in one ("st", "ss", "ff") cannot be matched, in
# any case, against a text with letters of other tongues: Ruby says so only then.
RSpec.describe FondKettle::Reading do
  letters = "6–8 é ½ °C ﬁ ß"

  # [name, Regexp] of all patterns in a constant, however deep.
  def patterns(name, value, seen)
    case value
    when Regexp then [[name, value]]
    when Array then value.flat_map { |one| patterns(name, one, seen) }
    when Hash then value.flat_map { |key, one| patterns("#{name} #{key}"[0, 60], [key, one], seen) }
    when Module then seen.add?(value) ? constants_of(value, seen) : []
    else []
    end
  end

  def constants_of(part, seen)
    return [] unless part.name.to_s.start_with?(described_class.name)

    part.constants(false).flat_map { |one| patterns("#{part}::#{one}", part.const_get(one), seen) }
  end

  it "can match each of its patterns against any letters" do
    all = patterns("", described_class, Set.new)
    expect(all.size).to be > 300
    broken = all.reject do |_, pattern|
      pattern.match?(letters) || true
    rescue RegexpError
      false
    end
    expect(broken.map(&:first)).to eq([])
  end

  it "reads what stands in its pot in other letters, and parcels of no rice" do
    texts = ["Leeks 8 min, lid on.\nSoak the rice 30 minutes.\nCook on the rice setting.\nfor a picnic, 6–8",
             "Fill the peppers loosely. Put it in the pot with the water, bring to a boil, low for 12 min."]
    texts.each do |text|
      expect(FondKettle::Reading::Reader.new("Some dish\n\n#{text}").dish["title"]).to eq("Some dish")
    end
  end
end
