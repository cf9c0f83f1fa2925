# frozen_string_literal: true

require "nokogiri"
require_relative "../support/served_kitchen"

# One number for one thing: the demo's pages are followed from link to link, and what each says of a plan, a
# bag or a pot that was cooked is compared with what the others say of it.
RSpec.describe "One number for one thing" do
  include Support::ServedKitchen

  # So many pages of one address, whatever stands behind its question mark.
  def most_of(place)
    place.match?(%r{\A/(?:pot|evening|evening/print)\z}) ? 14 : 7
  end

  # By address: what its pages say, as [thing, number] of the page and of what is asked of it.
  def self.say(path, &block)
    (@said ||= []) << [path, block]
  end

  class << self
    attr_reader :said
  end

  # Things are told apart by all that was asked for.
  say(%r{\A/pot\?}) do |page, asked|
    next [] if page.at_css(".layered-lead, .made, #answer .not-yet") || asked.include?("under_")

    water = page.at_css(".number strong").text
    rice = page.at_css(".rice-line").text[/for (\d+ g) rice/, 1]
    [["water of #{asked}", water], ["rice of #{asked}", rice],
     ["time of #{asked}", page.at_css(".time-line").text[/\A\s*(.+?) in all/, 1]],
     *page.css(".slip .puts-in").filter_map do |line|
       ["rice of #{asked}", line.text[/\d+ g/]] if line.ancestors("li").text.match?(/\bRinse the rice\b/)
     end]
  end
  say(%r{\A/evening(?:/print)?\?}) do |page, asked|
    [["time of #{asked}", page.text[/(\d+ h \d+|\d+ min) in all/, 1]]]
  end
  say(%r{\A/evening\?}) do |page, asked|
    rice = page.at_css(".headline .number strong")
    rice ? [["rice of #{asked}", rice.text]] : []
  end
  say(%r{\A/cupboard\z}) do |page, _|
    tiles = page.css(".pot-shelf li").filter_map do |tile|
      [tile.at_css("a")["href"][/bags-\d+/], tile.at_css("span").text[/\d+ g/]]
    end
    lines = page.css("details[id^=bags-]").flat_map do |line|
      [line.at_css("summary").text[/\d+ g/], "#{line.at_css('[name=left_g]')['value']} g"]
        .map { |number| [line["id"], number] }
    end
    [*tiles, *lines].select { |thing, _| thing }
  end
  say(%r{\A/log\z}) do |page, _|
    page.css("li:has(a[href^='/log/'])").flat_map do |pot|
      number = pot.at_css("a")["href"]
      [["how #{number} came out", pot.at_css("title")&.text.to_s[/[^,]+\z/]&.strip],
       ["water of #{number}", pot.text[/(\d+) g (?:water|poured)/, 1]]]
    end
  end
  say(%r{\A/log/\d+\z}) do |page, _, path|
    [["how #{path} came out", page.at_css("main title")&.text.to_s[/[^,]+\z/]&.strip],
     ["water of #{path}", page.text[/(\d+) g water poured/, 1]]]
  end

  def crawl
    seen = {}
    count = Hash.new(0)
    queue = ["/", "/cupboard", "/log"]
    until queue.empty?
      path = queue.shift
      place = path[/[^?]+/].sub(/\d+/, "N")
      next if seen.key?(path) || (count[place] += 1) > most_of(place)

      get path
      next seen[path] = nil unless last_response.status == 200 && last_response.media_type == "text/html"

      yield path, seen[path] = page
      queue.concat(seen[path].css("a[href^='/']").map { |link| link["href"].sub(/#.*/, "") })
    end
    seen.compact
  end

  it "on every page of the demo" do
    told = Hash.new { |all, thing| all[thing] = {} }
    pages = crawl do |path, page|
      asked = Rack::Utils.parse_query(path[/\?(.*)/, 1]).sort.to_h.to_s
      self.class.said.each do |address, block|
        next unless path.match?(address)

        block.call(page, asked, path).each { |thing, number| (told[thing][number] ||= []) << path if number }
      end
    end
    expect(pages.size).to be > 90
    expect(told.count { |_, numbers| numbers.values.flatten.size > 1 }).to be > 40
    expect(told.select { |_, numbers| numbers.size > 1 }).to eq({})
  end
end
