# frozen_string_literal: true

require_relative "../support/browser"
require_relative "../support/networked_kitchen"

RSpec.describe "A kitchen that is open to its network", :browser do
  include Support::Browser

  word = Support::NetworkedKitchen::WORD

  # Every request comes from a phone on the network, unless the example says where from.
  before do
    @from = Support::NetworkedKitchen::PHONE
    household = Support::Browser.household
    @door = Support::NetworkedKitchen.door(household.path)
    names = FondKettle::Web::Doors.names("127.0.0.1", [Support::Browser::HOST_NAME])
    Support::Browser.kitchen =
      Support::NetworkedKitchen.app(household, @door, names: names, from: -> { @from },
                                                      clock: -> { Time.now + Support::Browser.ahead_s })
  end

  after { @door.close }

  def come_in(word)
    visit "/pot?grain=jasmine&for=amount&amount=300&unit=g"
    expect(page).to have_css("h1", text: "Who is there?")
    fill_in "The household's word", with: word
    click_button "Come in"
  end

  it "refuses without the word, lets in with it, and goes on where one was going" do
    resize(390, 844)
    visit "/stove"
    expect(page).to have_css("h1", text: "Who is there?")
    expect(page).to be_accessible
    expect(overflow?).to be(false)
    come_in "not-the-word"
    expect(page).to have_css("#word-problem", text: "is not this household's word")
    expect(page.evaluate_script("document.activeElement.id")).to eq("word")
    fill_in "The household's word", with: word.tr("-", " ").upcase
    find_by_id("word").send_keys(:enter)
    expect(page).to have_css(".rice-line", text: "300 g")
    click_button "Start cooking"
    expect(page).to have_css(".stove-title", text: "step 1")
  end

  # Wrong words are counted by quarters of an hour: where one is nearly over, in the next.
  def early_in_the_quarter
    left_s = 900 - (Time.now.to_i % 900)
    sleep(left_s + 1) if left_s < 60
  end

  it "closes after ten wrong words, and another device's code still lets in" do
    early_in_the_quarter
    10.times do |number|
      come_in "wrong-#{number}"
      expect(page).to have_css("#word-problem", text: "is not")
    end
    come_in word
    expect(page).to have_text("Wait a quarter of an hour")
    @from = "192.168.7.50"
    visit "/door"
    visit "/door#join=#{@door.ticket(Time.now)}"
    expect(page).to have_css(".rim nav a", text: "Table")
    expect(page).to have_current_path("/")
  end

  it "shows a code to another device, sends it away, and changes the word" do
    come_in word
    visit "/settings"
    expect(page).to be_accessible
    click_button "Let another device in"
    expect(page).to have_css(".door-code svg")
    expect(page).to be_accessible
    address = find(".door-address").text
    Capybara.using_session(:tablet) do
      resize(820, 1100)
      visit address[%r{/door.*}]
      expect(page).to have_css(".rim nav a", text: "Pot")
      expect(page).to have_no_css("h1", text: "Who is there?")
    end
    visit "/settings"
    expect(page).to have_css(".devices li", count: 2)
    click_button "Send away", match: :first
    expect(page).to have_css(".devices li", count: 1)
    Capybara.using_session(:tablet) do
      visit "/log"
      expect(page).to have_css("h1", text: "Who is there?")
    end
    find("summary", text: "Change the household's word").click
    fill_in "Another word", with: "plum jam at noon"
    click_button "Change it, and send all others away"
    expect(page).to have_css(".door-word", text: "plum-jam-at-noon")
    expect(@door.right?("plum-jam-at-noon")).to be(true)
  end

  it "lets a guest look at tonight's table and clock" do
    visit "/door#join=#{@door.ticket(Time.now, guest: true)}"
    expect(page).to have_css(".table-top, .plate-rim", visible: :all)
    expect(page).to have_text("You look as a guest")
    expect(all(".rim nav a").map(&:text)).to eq(%w[Table Clock])
    expect(page).to have_no_css("main button", visible: :all)
    click_link "Clock"
    expect(page).to have_no_css("main button", visible: :all)
    expect(page).to be_accessible
    visit "/cupboard"
    expect(page).to have_text("A guest looks at the table and the clock")
  end
end
