# frozen_string_literal: true

RSpec.describe FondKettle::Methods::TaskTexts do
  it "checks every word of its file when it is loaded" do
    text = File.read(File.join(FondKettle::DATA, "tasks.yml"))
    { "%{surface}" => /drain: %\{suface\} is not known here/,
      "%{balance}" => /fill: %\{suface\} is not known here/ }.each do |word, message|
      Tempfile.create(["tasks", ".yml"]) do |file|
        file.write(text.sub(word, "%{suface}"))
        file.flush
        expect { described_class.load_file(file.path) }.to raise_error(FondKettle::BadCatalogue, message)
      end
    end
  end

  it "has a text for every way a method can finish" do
    FondKettle::Methods::Library.ours.all.each_value do |method|
      expect(described_class.fetch(method.finish).kind).to be_a(String)
    end
  end
end
