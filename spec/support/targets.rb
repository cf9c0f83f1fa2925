# frozen_string_literal: true

module Support
  # What can be hit and what can be seen to have the focus, asked of the page itself.
  module Targets
    # What is sent with its label counts as its label; links within a sentence are no targets of
    # their own (WCAG 2.5.8), nor is what is hidden.
    SMALL = <<~JS
      const least = document.body.classList.contains("at-stove") ? 56 : 44;
      return [...document.querySelectorAll("a, button, summary, select, textarea, input:not([type=hidden])")].filter((one) => {
        if (!one.checkVisibility({ visibilityProperty: true }) || one.closest(".visually-hidden, .skip, .rim, dialog")) return false;
        if (one.matches("a") && getComputedStyle(one).display === "inline") return false;
        const box = (one.matches("[type=checkbox], [type=radio]") ? one.closest("label") : one).getBoundingClientRect();
        const wanted = one.matches("summary") && one.closest("details.caution, .fold") ? 44 : least;
        return box.width > 0 && box.height < wanted - 0.5;
      }).map((one) => `${one.tagName} ${one.textContent.trim().slice(0, 30) || one.name} ${one.getBoundingClientRect().height}`);
    JS
    # Whether a focused control shows it, and whether it is covered by what stands fixed.
    FOCUS = <<~JS
      return [...document.querySelectorAll("a, button:not([disabled]), summary, select, textarea, input:not([type=hidden]), [tabindex='0']")].filter((one) => {
        if (!one.checkVisibility({ visibilityProperty: true }) || one.closest(".visually-hidden, dialog")) return false;
        one.focus({ focusVisible: true });
        return document.activeElement === one && getComputedStyle(one).outlineStyle === "none";
      }).map((one) => `${one.tagName} ${one.textContent.trim().slice(0, 30) || one.name}`);
    JS

    # Controls lower than 44 px, 56 on cook screens: a description each.
    def small_targets
      page.evaluate_script("(() => { #{SMALL} })()")
    end

    # Controls that do not show that they have the focus.
    def hidden_focus
      page.evaluate_script("(() => { #{FOCUS} })()")
    end
  end
end
