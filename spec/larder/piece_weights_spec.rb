# frozen_string_literal: true

RSpec.describe "What one weighs" do
  weights = YAML.safe_load_file(File.join(__dir__, "../fixtures/piece_weights.yml"))

  it "is what public food tables have, within two fifths" do
    names = FondKettle::Larder::Names.ours
    found = weights.to_h { |name, grams| [name, [grams, names.find(name)&.piece_g]] }
    off = found.reject { |_, (grams, ours)| ours && (ours - grams).abs <= 0.4 * grams }
    expect(off).to eq({})
  end
end
