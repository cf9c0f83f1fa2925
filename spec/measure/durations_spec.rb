# frozen_string_literal: true

RSpec.describe FondKettle::Measure::Durations do
  def found(text)
    described_class.all(text).map { |time| [time.minutes, time.words] }
  end

  it "reads every usual way to write a time" do
    { "4 h" => 240, "4 hours" => 240, "4h" => 240, "3 hours" => 180, "overnight" => 480, "over night" => 480,
      "all night" => 480, "1 h 30 min" => 90, "1 h 30" => 90, "1h30" => 90, "1h 30m" => 90, "1:30 h" => 90,
      "half an hour" => 30, "an hour" => 60, "a good hour" => 60, "another minute" => 1,
      "an hour and a half" => 90, "one and a half hours" => 90, "1 1/2 hours" => 90, "1½ h" => 90,
      "1.5 h" => 90, "1,5 h" => 90, "two and a half hours" => 150, "a quarter of an hour" => 15,
      "quarter of an hour" => 15, "three quarters of an hour" => 45, "an hour and a quarter" => 75,
      "15 minutes" => 15, "15-minute" => 15, "15 mins" => 15, "15min" => 15, "15-20 minutes" => 17.5,
      "15 to 20 min" => 17.5, "between 15 and 20 minutes" => 17.5, "ten to fifteen minutes" => 12.5,
      "twenty-five minutes" => 25, "about 10 more minutes" => 10, "for 10 minutes or so" => 10,
      "a minute or two" => 1.5, "a couple of minutes" => 2, "a few minutes" => 3, "90 seconds" => 1.5,
      "2 hours and 15 minutes" => 135, "2 hrs, 15 mins" => 135, "1 day" => 1440, "up to 2 h" => 120,
      "30 sec" => 0.5 }.each do |text, minutes|
      expect(described_class.read(text)).to be_within(1e-6).of(minutes),
                                            "#{text}: #{described_class.read(text)}"
    end
  end

  it "reads nothing into what is no time" do
    ["", "20", "2 m", "an onion", "until golden", "180 C", "half", "a few", "3 cups", "20 minutes of onions",
     "hours", "12:30", "18:05"].each { |text| expect(described_class.read(text)).to be_nil, text }
    expect(described_class.read("20", unit: "min")).to eq(20)
    expect(described_class.read("1,5", unit: "h")).to eq(90)
  end

  it "finds every time within a sentence" do
    text = "Fry the 3 onions for 8 minutes, then simmer an hour and a half at 180 °C, 2 h 30 covered; soak " \
           "overnight"
    expect(found(text)).to eq([[8.0, "8 minutes"], [90.0, "an hour and a half"],
                               [150.0, "2 h 30"], [480.0, "overnight"]])
    expect(found("1 h 30 g flour, 5 onions")).to eq([[60.0, "1 h"]])
  end
end
