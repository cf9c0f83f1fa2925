# frozen_string_literal: true

# Figures that can make somebody ill if one is wrong. Whoever changes one changes it here
# too, on purpose; a figure that stands in no row here is not let through either.
RSpec.describe "Figures of the cautions" do
  figure = /\d+(?:\.\d+)?(?: to \d+)? ?(?:°C|hours?|minutes?|parts|days?|%|[a-z]+)?/
  expected = {
    "cooked-rice-cooling" => ["60 °C", "2 hours", "5 °C", "74 °C"],
    "poultry" => ["74 °C"], "minced-meat" => ["71 °C"], "whole-cuts" => ["63 °C", "3 minutes"],
    "raw-egg" => ["71 °C"], "marinade" => ["5 °C"],
    "fish-done" => ["63 °C"], "unknown-food" => ["74 °C"],
    "dressing-keeps-nothing" => ["2 hours", "5 °C"], "filling" => ["2 hours"],
    "cool-before-cold" => ["60 to 21 °C", "2 hours", "5 °C", "4 hours", "74 °C"],
    "arsenic" => ["6 to 10 parts"],
    "jotted" => ["74 °C", "71 °C", "63 °C", "3 minutes", "63 °C", "71 °C"]
  }

  # As a cook reads it; its own temperature is filled in.
  def said(caution)
    caution.filled({ allergens: "", avoided: "", not_checked: "", unknown: "" }).say
  end

  it "stand as they must" do
    said = FondKettle::Care::Cautions.all.transform_values { |caution| said(caution).scan(figure) }
    expect(said.reject { |_, figures| figures.empty? }).to eq(expected)
  end

  it "say which way they bound, and for what" do
    said = FondKettle::Care::Cautions.all.transform_values { |caution| said(caution) }
    bounds = { "cooked-rice-cooling" => ["hot (60 °C or above)", "within 2 hours", "at 5 °C or below",
                                         "within a day", "reheat once until steaming throughout (74 °C)"],
               "poultry" => ["poultry to 74 °C"], "minced-meat" => ["minced meat and sausages to 71 °C"],
               "whole-cuts" => ["whole cuts to 63 °C, then let them rest 3 minutes"],
               "dressing-keeps-nothing" => ["use it within 2 hours", "at 5 °C or below"],
               "filling" => ["no longer than 2 hours", "cooked first, right through"],
               "cool-before-cold" => ["from 60 to 21 °C within 2 hours", "to 5 °C within 4 hours more",
                                      "to 74 °C in the middle"],
               "jotted" => ["poultry to 74 °C", "minced meat to 71 °C", "whole cuts to 63 °C with 3 minutes",
                            "fish to 63 °C", "egg to 71 °C"],
               "unknown-food" => ["to 74 °C right through", "a pulse is boiled through"],
               "raw-egg" => ["egg to 71 °C"], "fish-done" => ["fish and shellfish to 63 °C"] }
    bounds.each { |code, words| expect(said.fetch(code).gsub(/\s+/, " ")).to include(*words) }
  end
end
