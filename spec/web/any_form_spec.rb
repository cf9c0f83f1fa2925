# frozen_string_literal: true

require "nokogiri"
require_relative "../support/served_kitchen"

RSpec.describe "Any form of any page" do
  include Support::ServedKitchen

  pages = ["/", "/pot", "/pot?dish=2", "/evening?dish=2&guests=3", "/dishes", "/dishes/new", "/dishes/2/edit",
           "/dishes/import", "/cupboard", "/tests", "/ways", "/ways/new?from=level", "/log/2",
           "/measures", "/already", "/clock/new",
           "/stove/8", "/stove/8?panel=wrong", "/stove/8?panel=did"].freeze
  # nil: as the form stands.
  typed = { "as it stands" => nil, "blank" => "", "letters" => "abc", "below nothing" => "-1",
            "no end" => "1e400", "other digits" => "١٢", "400 digits" => "9" * 400, "a half" => "½",
            "markup" => "</script><b>",
            "no unit" => "5 moons" }.freeze
  kept = %w[authenticity_token lock_version id].freeze

  def value_of(field)
    if field.name == "select"
      return (field.at_css("option[selected]") || field.at_css("option"))&.[]("value").to_s
    end

    field.name == "textarea" ? field.text : field["value"].to_s
  end

  # Where a form can be sent: [path, method].
  def targets(form)
    buttons = form.css("[formaction]")
                  .map { |button| [button["formaction"], button["formmethod"] || form["method"]] }
    [[form["action"], form["method"]], *buttons].uniq.reject { |path, _| path.to_s.empty? }
  end

  def submit(path, method, fields)
    if method.to_s.casecmp?("post")
      post(path, URI.encode_www_form(fields))
    else
      get("#{path}?#{URI.encode_www_form(fields)}")
    end
  end

  pages.each do |path|
    it "answers whatever is typed, never with a failure of ours: #{path}" do
      if path.start_with?("/stove")
        send_form "/pot/start?dish=4&for=people&guests=3"
        expect(last_response.headers["location"]).to end_with("/stove/8")
      end
      get path
      forms = Nokogiri::HTML5(last_response.body).css("form")
      expect(forms).not_to be_empty
      forms.to_a.product(typed.to_a).each do |form, (name, text)|
        beside = form["id"] ? form.document.css("[form=#{form['id']}][name]") : []
        fields = [*form.css("input[name], select[name], textarea[name]"), *beside].map do |field|
          [field["name"], text.nil? || kept.include?(field["name"]) ? value_of(field) : text]
        end
        targets(form).each do |target, method|
          submit(target, method, fields)
          expect(last_response.status).to be < 500, "#{target}: #{name}"
        end
      end
    end
  end
end
