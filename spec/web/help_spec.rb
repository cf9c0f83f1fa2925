# frozen_string_literal: true

require_relative "../support/served_kitchen"
require_relative "../support/word_docs"

RSpec.describe "The page Help" do
  include Support::ServedKitchen

  it "says what each place of the navigation is for, the keys, and what the words mean" do
    get "/help"
    expect(last_response.status).to eq(200)
    linked = page.css("dl.help a").map { |link| link["href"] }
    expect(linked).to include(*FondKettle::Web::DESTINATIONS.select(&:main).map(&:path))
    expect(page.css("dl.help dt").map(&:text)).to include("just right", "craters", "the slip")
    get "/pot"
    expect(page.at_css(".to-help")["href"]).to eq("/help")
  end

  it "uses no word in its sentences that is not used for anything else" do
    words = FondKettle::Web::HelpTexts.of("words")
    never = words.flat_map(&:not) - words.map(&:key)
    said = words.map(&:say).join(" ")
    expect(never.select { |word| said.match?(/\b#{Regexp.escape(word)}\b/i) }).to eq([])
  end

  it "is written down for those who write the interface" do
    expect(File.read(Support::WordDocs::FILE)).to eq(Support::WordDocs.text)
  end
end
