# frozen_string_literal: true

# How long a drag waits for its answer in Chromium, from the change of the field to
# the new drawing on the page.
#   ruby bench/drag.rb
require_relative "../cli/setup"
FondKettle::Cli::Setup.new(File.expand_path("..", __dir__)).testing
require_relative "../spec/support/browser"

CHANGES = 100
MOVE = <<~JS
  const done = arguments[1];
  const began = performance.now();
  const answer = document.getElementById("answer");
  const seen = (_, watcher) => { watcher.disconnect(); done(performance.now() - began); };
  new MutationObserver(seen).observe(answer, { childList: true });
  const field = document.getElementById("own");
  document.getElementById("own_kind").value = "depth";
  field.value = arguments[0];
  field.dispatchEvent(new Event("input", { bubbles: true }));
JS

Dir.mktmpdir do |folder|
  Support::Browser.serve(folder, empty: false) do
    page = Capybara.current_session
    page.visit "/pot?grain=basmati&pot=3&for=amount&amount=540&unit=g"
    waits = Array.new(CHANGES + 10) { |index| page.evaluate_async_script(MOVE, (index % 40) + 1) }.drop(10)
                 .sort
    puts format("a drag's answer: median %.0f ms, 95th percentile %.0f ms (wanted: within 100)",
                waits[CHANGES / 2],
                waits[CHANGES * 95 / 100])
  end
end
