# frozen_string_literal: true

require "tmpdir"
require "zip"
require_relative "../support/whole_kitchen"
require_relative "../../store/safekeeping/archive"
require_relative "../../store/safekeeping/import"

RSpec.describe FondKettle::Store::ArchiveReader do
  around { |example| Dir.mktmpdir { |folder| (@folder = folder) && example.run } }

  let(:zip) { File.join(@folder, "hostile.zip") }
  let(:data) do
    { format: "fond-kettle-kitchen", version: FondKettle::Store::Database.newest,
      made_at: "2026-11-02T18:00:00Z", tables: {}, methods: {} }
  end

  def pack(files)
    Zip::OutputStream.open(zip) do |out|
      files.each do |name, text|
        out.put_next_entry(name)
        text.respond_to?(:call) ? text.call(out) : out.write(text)
      end
    end
  end

  def refused
    described_class.new(zip).data
    nil
  rescue FondKettle::InvalidInput => e
    e.message
  end

  def kitchen(**changes)
    pack("kitchen.json" => JSON.generate(data.merge(changes)))
  end

  it "takes one that is as it should be" do
    kitchen
    expect([refused, Dir.children(@folder)]).to eq([nil, ["hostile.zip"]])
  end

  it "unpacks no bomb, however small it says that it is" do
    piece = " " * 1_000_000
    pack("kitchen.json" => ->(out) { 150.times { out.write(piece) } })
    expect([File.size(zip) < 1_000_000, refused]).to match([true, /unpack to at most 128 MB/])
    bytes = File.binread(zip)
    # The sizes that it says of itself, at its beginning and in its directory.
    bytes.gsub!([150_000_000].pack("V"), [10].pack("V"))
    File.binwrite(zip, bytes)
    expect(refused).to match(/must unpack to at most|must be a zip|must hold a kitchen.json that is JSON/)
  end

  it "takes no path that leads out, no link, not too many files, not two kitchens" do
    outside = ["../kitchen.json", "a/../../b", "/etc/cron.d/x", "C:\\x", "a\\..\\b"]
    outside.each do |name|
      # The library writes no such name: it is put into the finished file.
      stands_for = "n" * name.size
      pack("kitchen.json" => JSON.generate(data), stands_for => "x")
      File.binwrite(zip, File.binread(zip).gsub(stands_for, name))
      expect([name, refused]).to match([name, /no path that leads out|must be a zip/])
    end
    File.symlink("/etc/passwd", File.join(@folder, "link"))
    File.delete(zip)
    Zip::File.open(zip, create: true) do |out|
      out.add("kitchen.json", File.join(@folder, "link"))
    end
    expect(refused).to match(/plain files only|must hold a kitchen.json|must be a zip/)
    pack((0..20_001).to_h { |number| ["f#{number}", ""] })
    expect(refused).to include("at most 20000 files")
    pack("other.json" => "{}")
    expect(refused).to match(/must hold one kitchen.json/)
  end

  it "takes nothing damaged, foreign, empty or too deep" do
    [["", /must be a zip/], ["PK\x03\x04 no", /must be a zip/], ["SQLite format 3", /must be a zip/]]
      .each do |bytes, words|
      File.binwrite(zip, bytes)
      expect(refused).to match(words)
    end
    kitchen
    whole = File.binread(zip)
    (0...whole.bytesize).step(7) do |place|
      File.binwrite(zip, whole.dup.tap { |bytes| bytes.setbyte(place, bytes.getbyte(place) ^ 0xff) })
      expect(refused).to be_nil.or be_a(String)
      File.binwrite(zip, whole[0, place])
      expect(refused).to be_a(String)
    end
    pack("kitchen.json" => "[" * 5000)
    expect(refused).to match(/must hold a kitchen.json that is JSON/)
    pack("kitchen.json" => "\xff\xfe{}")
    expect(refused).to include("that is JSON")
  end

  it "says of a kitchen that is none which field is wrong" do
    { { version: 99 } => /version was made by a newer version/, { version: 13 } => /version 14 or later/,
      { version: "14" } => /whole number/, { tables: { "users" => [] } } => /tables.users/,
      { tables: { "cups" => [{ id: 1 }] } } => /tables.cups.0/, { methods: { "../x" => "y" } } => /methods/,
      { tables: { "cups" => [{ id: 1, name: 7, ml: "x", lock_version: 0, removed_at: nil }] } } =>
        /tables.cups.0.ml|tables.cups.0.name/,
      { extra: 1 } => /extra/ }.each do |changes, words|
      kitchen(**changes)
      expect(refused).to match(words)
    end
  end

  it "makes no kitchen of what names what is not there, or stands there twice" do
    event = { id: 1, cook_id: 9, kind: "task", what: "x", at: "2026-11-02T18:00:00Z", tapped_at: nil }
    cup = { id: 1, name: "glass", ml: 210.0, lock_version: 0, removed_at: nil }
    { { "events" => [event] } => /tables.events.*not there/, { "cups" => [cup, cup] } => /cannot be stored/ }
      .each do |tables, words|
      kitchen(tables: tables)
      Dir.mktmpdir { |folder| expect { described_class.new(zip).build(folder) }.to raise_error(FondKettle::InvalidInput, words) }
    end
  end
end
