# frozen_string_literal: true

require "nokogiri"
require_relative "../support/served_kitchen"
require_relative "../../app/forms/method_form"

RSpec.describe "A way of the house's own, in fields" do
  include Support::ServedKitchen

  ours = FondKettle::Methods::Library.ours

  # What the form of `path` would send, with some fields changed.
  def fields(path, **changes)
    get path
    sent = page.css(".way-form input[name]:not([type=checkbox]), .way-form input[checked], " \
                    ".way-form select[name]")
    kept = sent.reject { |field| field["name"] == "authenticity_token" || changes.key?(field["name"].to_sym) }
    kept.map { |field| [field["name"], value_of(field)] }
        .concat(changes.map { |name, value| [name.to_s, value] })
  end

  def value_of(field)
    field["value"] || (field.at_css("option[selected]") || field.at_css("option"))["value"]
  end

  def send_fields(path, pairs)
    send_form "#{path}?#{URI.encode_www_form(pairs)}", {}
  end

  def file(key)
    File.read(File.join(household.methods_folder, "#{key}.yml"))
  end

  # One in several vessels is copied as a file.
  ours.all.select { |_, method| method.phases.one? && !method.steamed? }.each_key do |method|
    it "keeps a copy of #{method} as it was" do
      form = FondKettle::Forms::MethodForm.of(ours, method, copy: true)
      expect([form.problems,
              form.method.to_h.except(:key, :name)]).to eq([[], ours.fetch(method).to_h.except(:key, :name)])
      expect(form.file.lines.size).to eq(3)
    end
  end

  it "says in its file only what differs, and the slip follows" do
    send_fields "/ways",
                fields("/ways/new?from=covered-pot", name: "Ilse's Pöt 2", rinse_changes: "2",
                                                     "stage[2][minutes]": "17")
    expect(last_response.status).to eq(303)
    expect(YAML.safe_load(file("ilse-s-pot")).keys).to eq(%w[key like name rinse_changes stages])
    get "/pot?method=ilse-s-pot&for=amount&amount=300&unit=g"
    expect(page.at_css(".slip").text).to include("in 2 changes", "17 min")
    send_fields "/ways", fields("/ways/ilse-s-pot", rinse_changes: "4", "stage[2][minutes]": "10")
    expect(YAML.safe_load(file("ilse-s-pot")).keys).to eq(%w[key like name])
  end

  it "is not written over by a second device without a choice, in fields or as a file" do
    send_fields "/ways", fields("/ways/new?from=level", name: "Ours")
    first, second = Array.new(2) { |nth| fields("/ways/ours", rinse_changes: (nth + 5).to_s) }
    get "/ways/ours/file"
    as_file = page.css("form[action='/ways/file'] [name=was]").first["value"]
    send_fields "/ways", first
    send_fields "/ways", second
    both = /Somebody else changed this first.*rinse_changes: 6\s+key: ours.*rinse_changes: 5/m
    expect([last_response.status, page.at_css("[role=alert]").text]).to match([409, both])
    expect(page.at_css("#rinse_changes")["value"]).to eq("6")
    again = page.at_css(".way-form [name=was]")["value"]
    send_form "/ways/file", "text" => "key: ours\nlike: level\nname: Ours\nrinse_changes: 7\n",
                            "was" => as_file
    expect([last_response.status, page.at_css("[role=alert]").text])
      .to match([409, /rinse_changes: 7\s+key: ours.*rinse_changes: 5/m])
    send_fields("/ways", second.map { |name, value| [name, name == "was" ? again : value] })
    expect([last_response.status, household.library.fetch("ours").rinse_changes]).to eq([303, 6])
  end

  it "adds a stage, moves it, and leaves one out" do
    added = { "stage[3][say]": "Turn it over", "stage[3][heat]": "low", "stage[3][end]": "minutes",
              "stage[3][minutes]": "2,5", "stage[3][cue]": "it steams", "stage[3][why]": "Habit.",
              "stage[3][order]": "2.5", "stage[2][out]": "yes" }
    send_fields "/ways", fields("/ways/new?from=covered-pot", **added)
    stages = household.library.fetch("covered-pot-on-the-stove-our-way").stages
    expect(stages.map { |stage| [stage.key, stage.minutes] }).to eq([["boil", nil], %w[low ready],
                                                                     ["turn-it-over", 2.5]])
  end

  { "stage[1][minutes]" => ["abc", { "stage[1][end]": "minutes" }], "stage[1][heat]" => ["tepid", {}],
    "stage[0][cue]" => ["", {}],
    "soak" => ["5000", {}], "rinse_changes" => ["2.5", {}], "name" => ["", {}],
    "stage[0][oven_c]" => ["900", {}],
    "stage[1][lid]" => ["hat", {}] }.each do |name, (typed, more)|
    it "marks #{name} at its place for “#{typed}”, keeps what was typed and nothing else" do
      send_fields "/ways", fields("/ways/new?from=level", name.to_sym => typed, **more)
      spot = name.delete("]").tr("[", "-")
      control = page.at_css("##{spot}")
      expect([last_response.status, page.at_css("##{spot}-problem").text]).to match([422, /must/])
      expect(control["value"]).to eq(typed) unless control.name == "select"
      expect(control.ancestors("details").map { |drawer| drawer["open"] }).to all(be_a(String))
      expect(Dir.children(household.methods_folder)).to be_empty
    end
  end

  it "is not kept without a stage, with a word nobody can fill in, or over one of ours" do
    { { "stage[0][out]": "yes", "stage[1][out]": "yes",
        "stage[2][out]": "yes" } => /On the heat.*must have at least one/m,
      { "stage[0][say]": "Boil %{moon}" } => /%{moon} is not known/,
      { key: "level" } => /must not be one of ours/,
      { key: "../up" } => /not written as expected/ }.each do |changes, said|
      send_fields "/ways", fields("/ways/new?from=covered-pot", **changes)
      expect([last_response.status, page.at_css(".warnings").text]).to match([422, said])
    end
    expect(Dir.children(household.methods_folder)).to be_empty
  end

  it "is tried in this kitchen before it is kept" do
    send_fields "/ways/try",
                fields("/ways/new?from=covered-pot", "stage[1][end]": "minutes", "stage[1][minutes]": "3")
    expect(page.at_css(".own").text)
      .to match(/basmati for whoever eats here, \d+ g, takes \d+ g water .* hard in the middle/m)
    expect(Dir.children(household.methods_folder)).to be_empty
  end
end
