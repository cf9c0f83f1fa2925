# frozen_string_literal: true

require "tempfile"

RSpec.describe FondKettle::KeyedCatalogue do
  # A catalogue of a file with two rows; `field`: of a request that holds its keys.
  def catalogue(field: nil)
    schema = FondKettle::Schema.json(strict: true) do
      required(:key).filled(:string)
      required(:grams).filled(FondKettle::Schema::Number, included_in?: 0..10)
    end
    Module.new do
      extend FondKettle::KeyedCatalogue

      rows("none.yml", schema, field: field) { |row, place| [row[:grams], place] }
    end
  end

  # What is read of a text as a file.
  def load(text, **options)
    Tempfile.create(["rows", ".yml"]) do |file|
      File.write(file.path, text)
      return catalogue(**options).load_file(file.path), file.path
    end
  end

  it "makes a value of each row, by its key, and says where the row is" do
    found, path = load("- { key: one, grams: 1 }\n- { key: two, grams: 2.5 }\n")
    expect(found).to eq("one" => [1, "#{path}, one"], "two" => [2.5, "#{path}, two"])
    expect(found).to be_frozen
  end

  it "refuses a row that its schema does not allow, with its line" do
    expect { load("- { key: one, grams: 1 }\n- { key: two, grams: 99 }\n") }
      .to raise_error(FondKettle::BadCatalogue, /two: line 2: grams must be between 0 and 10/)
  end

  it "has no value for an unknown key: KeyError, or the field of a request" do
    expect { FondKettle::Care::Kinds.fetch("moon") }.to raise_error(KeyError)
    expect { FondKettle::Larder::Grains.fetch("moon") }
      .to raise_error(FondKettle::InvalidInput, /grain must be one of: basmati/)
  end
end
