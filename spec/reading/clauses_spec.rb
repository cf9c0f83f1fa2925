# frozen_string_literal: true

RSpec.describe FondKettle::Reading::Clauses do
  def clauses(*sentences)
    described_class.new(sentences).all.map { |clause| [clause.kind, clause.minutes, clause.say] }
  end

  it "makes a step of each thing that is told to be done" do
    expect(clauses("Wash the rice, soak it for half an hour and drain it."))
      .to eq([["rinse", nil, "Wash the rice"], ["soak", 30.0, "soak it for half an hour"],
              ["drain", nil, "drain it."]])
    expect(clauses("Rest 10 minutes, then fluff.").map(&:first)).to eq(%w[rest fluff])
  end

  it "leaves together what is one step" do
    { "Put the lentils in a pot with the water and simmer for 20 minutes." => ["simmer", 20.0],
      "Cover and cook on low for 15 min." => ["low", 15.0],
      "Cover with foil and bake for 25 minutes." => ["bake", 25.0],
      "In a wide pan, fry the leeks." => ["fry", nil],
      "Eggs, sugar, cream, beat." => ["mix", nil] }.each do |text, found|
      expect([text, *clauses(text).map { |clause| clause.first(2) }]).to eq([text, found])
    end
    expect(clauses("Melt the butter.", "Fry the leeks in it, 5 minutes.").map { |clause| clause.first(2) })
      .to eq([["fry", 5.0]])
    expect(clauses("Rub the lamb with salt and leave in the fridge overnight.").map { |one| one.first(2) })
      .to eq([["marinate", 480.0]])
  end

  it "takes no verb for one that is a noun, a cue, or not to be done" do
    expect(clauses("Bring to the boil.", "The broth should stand a finger high.",
                   "Do not stir.").map(&:first))
      .to eq(["boil", nil, nil])
    expect(clauses("Add the brown rice.").map(&:first)).to eq(["stir"])
  end

  it "counts both sides, and minutes of which nobody says that they are" do
    expect(clauses("Fry the fish, 4 minutes a side.", "Leave it for another ten.").map do |one|
      one[1]
    end).to eq([8.0, 10.0])
  end
end
