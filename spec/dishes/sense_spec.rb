# frozen_string_literal: true

require_relative "../support/suppers"

RSpec.describe FondKettle::Dishes::Sense do
  include Support::Suppers

  def codes(text, **options)
    supper(dish(text, **options)).warnings.map(&:code)
  end

  it "warns of what makes no sense, and lets the cook decide" do
    expect(codes("900 g water | liquid")).to include("liquid-as-written")
    expect(codes("3 tbsp salt")).to include("salt-high")
    expect(codes("2 tbsp saffron | base")).to include("much-of-it")
    expect(codes("200 g dried kidney beans | with")).to include("not-safe")
    %w[finish beside].each do |stage|
      expect(codes("200 g dried kidney beans | #{stage}")).to include("not-safe")
    end
    ["Fry the lentils | fry | 40 min",
     "Keep the lentils just below a simmer, do not let them boil | 40 min"].each do |steps|
      expect(codes("200 g red lentils | base", steps: steps)).to include("not-safe")
    end
    expect(codes("200 g cooked kidney beans | finish\n3 leeks | base")).not_to include("not-safe")
    expect(codes("2 dragons | base")).to include("not-counted")
    expect(codes("200 g red lentils | base\n2 onions | base",
                 steps: "See to the lentils | simmer | 20 min")).not_to include("not-safe")
  end
end
