# frozen_string_literal: true

require "tmpdir"
require_relative "../support/networked_kitchen"
require_relative "../../lib/fond_kettle/house/door_word"
require_relative "../../store/household"

RSpec.describe FondKettle::Store::DoorBook do
  now = Time.utc(2026, 11, 29, 18)
  day = 86_400

  around do |example|
    Dir.mktmpdir do |folder|
      @folder = folder
      @door = Support::NetworkedKitchen.door(folder, now)
      example.run
      @door.close
    end
  end

  attr_reader :door

  it "knows the household's word however it is typed, and no other" do
    read = FondKettle::House::DoorWord.method(:read)
    ["Maple otter  CANDLE brick", " maple_otter-candle-brick\n"].each do |typed|
      expect(door.right?(read[typed])).to be(true)
    end
    ["maple-otter-candle", "", "x" * 4000, "maple-otter-candle-brick-"].each do |typed|
      expect(door.right?(typed)).to be(false)
    end
    words = Array.new(50) { FondKettle::House::DoorWord.made }
    expect(words.uniq.size).to eq(50)
    expect(words).to all(match(/\A[a-z]+(-[a-z]+){3}\z/))
  end

  it "forgets a device that was not seen for ninety days, and a guest after the evening" do
    phone = door.join("Phone", now)
    guest = door.join("Guest", now, guest: true)
    expect([phone, guest].map { |token| door.device(token, now + 3600)[:name] }).to eq(%w[Phone Guest])
    expect(door.device(guest, now + (13 * 3600))).to be_nil
    expect(door.device(phone, now + (60 * day))[:name]).to eq("Phone")
    expect(door.device(phone, now + (149 * day))[:name]).to eq("Phone")
    expect(door.device(phone, now + (240 * day))).to be_nil
    expect(door.devices(now + (240 * day))).to be_empty
  end

  it "lets one device in by a ticket, within ten minutes, and guests all evening" do
    ticket = door.ticket(now)
    expect(door.redeem(ticket, "Tablet", now + 601)).to be_nil
    expect(door.device(door.redeem(ticket, "Tablet", now + 599), now)[:guest]).to be(false)
    expect(door.redeem(ticket, "Another", now + 599)).to be_nil
    link = door.ticket(now, guest: true)
    expect(Array.new(3) { door.device(door.redeem(link, "Guest", now + 7200), now)[:guest] }).to all(be(true))
  end

  it "sends all others away with another word, and one by itself" do
    mine, yours = Array.new(2) { |number| door.join("Phone #{number}", now) }
    ticket = door.ticket(now)
    door.change_word("another-word", now, keep: door.device(mine, now)[:id])
    expect([mine, yours].map { |token| door.device(token, now)&.fetch(:name) }).to eq(["Phone 0", nil])
    expect([door.right?(Support::NetworkedKitchen::WORD), door.right?("another-word")]).to eq([false, true])
    expect(door.redeem(ticket, "Late", now)).to be_nil
    door.send_away(door.device(mine, now)[:id])
    expect(door.device(mine, now)).to be_nil
  end

  it "keeps neither word nor token as it is said, and is in no copy of the kitchen" do
    token = door.join("Phone", now)
    ticket = door.ticket(now)
    kitchen = FondKettle::Store::Household.new(@folder)
    door.close
    kitchen.close
    said = [Support::NetworkedKitchen::WORD, token, ticket]
    files = Dir[File.join(@folder, "**", "*")].select { |path| File.file?(path) }
    expect(files.map { |path| File.basename(path) }).to include("door.db", "kettle.db")
    expect(files.select { |path| said.any? { |words| File.binread(path).include?(words) } }).to eq([])
    expect(File.binread(File.join(@folder, "kettle.db"))).not_to match(/bcrypt|\$2a\$|refusals/)
    expect(File.stat(File.join(@folder, "door.db")).mode & 0o077).to eq(0)
  end

  it "takes down what was refused, once an hour and an address, with how often" do
    3.times { |minute| door.refused("word", "192.168.7.9", now + (60 * minute)) }
    door.refused("word", "192.168.7.9", now + 7200)
    expect(door.refusals.map { |record| [record[:kind], record[:times]] }).to eq([["word", 1], ["word", 3]])
    310.times { |number| door.refused("elsewhere", "10.0.0.#{number}", now + number) }
    expect(door.refusals.size).to eq(described_class::MOST_REFUSALS)
  end
end
