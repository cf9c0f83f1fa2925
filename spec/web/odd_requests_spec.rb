# frozen_string_literal: true

require_relative "../support/served_kitchen"

# Requests that no page of ours makes, and that once broke one.
RSpec.describe "Requests that nobody should send" do
  include Support::ServedKitchen

  plan = "/pot?grain=basmati&for=amount&amount=300&unit=g"

  # The status, or what broke.
  def answered
    last_response.status < 500 ? last_response.status : last_request.env["sinatra.error"]&.message
  end

  ["#{plan}&batches=two", "#{plan}&batches[]=1", "#{plan}&portion=", "/pot?portion=&for=people&guests=3",
   "/evening?dish=2&batches[]=1",
   "/pot?#{(['a'] + (['[b]'] * 200)).join}=1", "#{plan}&who=x", "#{plan}&own[]=1&own_kind[]=g",
   "/pot?new_pot=x", "/dishes?q[]=a", "/evening?dish[]=2", "/ways/new?from[]=level", "/log/2?x[",
   "/measures?amount[]=1",
   "/pot?beside[]=1"].each do |address|
    it "answers #{address[0, 60]}" do
      get address
      expect(answered).to be < 500
    end
  end

  { "/dishes/import" => { "file[tempfile]" => "x" }, "/pot/add/pots" => { "new_pot" => "x" },
    "/tests/lid" => { "pot[]" => "1" }, "/ways" => { "stage" => "x", "step" => ["y"] },
    "/dishes" => { "line" => "x" }, "/cupboard/cups" => { "name[]" => "x" },
    "/log/1" => { "grain[]" => "x" }, "/pot/start" => { "batches" => "two" } }.each do |path, fields|
    it "answers #{fields.keys.join(', ')} sent to #{path}" do
      send_form path, fields
      expect(answered).to be < 500
    end
  end

  it "refuses how a pot came out that is still on the stove" do
    send_form "/pot/start?grain=basmati&for=amount&amount=300&unit=g"
    id = last_response.headers["location"][/\d+\z/]
    send_form "/log/#{id}", "grain" => "right", "wetness" => "right", "floor" => "clean"
    expect(answered).to be_between(400, 499)
    expect(household.cooks.find(id.to_i)[:outcome]).to be_nil
  end

  it "refuses a method's file that is no list of names and values, in words" do
    ["? [a]\n: b\n", "key: mine\nlike: covered-pot\nstages: - 5\n",
     "key: mine\nlike: covered-pot\nstages:\n  - 5\n", "key: mine\nlike: [a]\n", "key: [a]\n", "- 1\n",
     "#{'[' * 5000}\n", "key: &a [*a]\n"].each do |text|
      send_form "/ways/file", "text" => text
      expect([text[0, 20], answered]).to eq([text[0, 20], 422])
    end
  end

  it "goes home where the page it came from has no address" do
    ["mailto:x", "http://", "::", "data:text/html,x"].each do |from|
      header "Referer", from
      send_form "/dim"
      expect([from, answered]).to eq([from, 303])
    end
  end

  it "plans the first pot of an empty kitchen for whom its field shows", :empty do
    household.add_kitchen("My kitchen", demo: false) unless household.kitchen
    get "/pot"
    expect(answered).to eq(200)
    expect(page.at_css("[name=guests]")["value"]).to eq("2")
  end

  it "makes a dish whose base brings all the water, and says so" do
    send_form "/dishes", "text" => "All tomato\nServes 2\n50 g basmati rice\n900 g tomato sauce | base"
    expect(answered).to eq(303)
    id = household.dishes.search("tomato").find { |dish| dish[:title] == "All tomato" }[:id]
    ["/dishes/#{id}", "/evening?dish=#{id}", "/evening?dish=#{id}&guests=3", "/evening/print?dish=#{id}",
     "/pot?dish=#{id}"].each do |address|
      get address
      answered
      expect(last_response.body).not_to include("NaN")
    end
  end
end
