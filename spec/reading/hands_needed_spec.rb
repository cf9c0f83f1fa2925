# frozen_string_literal: true

require_relative "../support/told_texts"

RSpec.describe FondKettle::Reading::HandsNeeded do
  include Support::ToldTexts

  # Whether the step of a dish that has some words keeps hands busy.
  def hands(done, words)
    lines = "300 g basmati rice\n450 ml water\n500 g lamb\n2 onions\n2 tbsp oil\n1 tsp paprika"
    step(read(lines, done), words)["hands_on"]
  end

  it "are not wanted by what drips in a sieve, cooks under a lid or is stirred now and then" do
    said = {
      "Wash the rice and leave it in the sieve for 30 minutes." => "in the sieve",
      "Fry the onions in the oil. Add the lamb, cover and simmer for 1 hour 15 minutes, stirring " \
      "occasionally." => "occasionally",
      "Rub the lamb with the paprika and let it lie for an hour." => "let it lie",
      "Put the lamb in a pot over a medium fire and cook it, covered, for 45 minutes." => "covered",
      "Bake the lamb at 150 °C for 2 hours, stirring after 30 minutes." => "Bake"
    }
    said.each do |done, words|
      expect([done, hands(done, words)]).to eq([done, false])
    end
  end

  it "are wanted by what is fried, and by what is stirred all the time" do
    said = {
      "Fry the onions in the oil for 25 minutes until dark brown." => "dark brown",
      "Fry the onions. Add the lamb and simmer for 20 minutes, stirring." => "stirring"
    }
    said.each do |done, words|
      expect([done, hands(done, words)]).to eq([done, true])
    end
  end

  it "leave overnight what soaks from the night before, and a soak without minutes a quarter of an hour" do
    dish = read("300 g basmati rice\n450 ml water\n200 g chickpeas, dried\n1 pinch saffron",
                "Put the chickpeas to soak the night before. Steep the saffron in 2 tbsp of warm water.")
    expect(step(dish, "chickpeas")["minutes"]).to eq(480.0)
    expect(FondKettle::Care::Kinds.fetch("soak").usual_min).to eq(15)
  end
end
