# frozen_string_literal: true

require "json"
require_relative "../care/looks"
require_relative "../care/signs"

module FondKettle
  module Stove
    # The cues seen at a pot and their consequences. Only a Cook includes it.
    module Sights
      # Looks with a decision that are asked at the task at hand (Care::Look); none where it is over
      # with what is seen from outside.
      def looks_now
        return [] if until_cue && until_cue != "dry"

        Care::Looks.at(task[:kind], within: plan[:steaming] ? "steamer" : "pot")
      end

      # Signs of trouble that can occur at `now` (Care::Sign).
      def signs_at(now)
        Care::Signs.at(task[:kind], share: share_gone(now), boiled: !boiled_at.nil?)
      end

      # The Care::Look that was told last in this task, or nil.
      def last_look
        look = looks.last
        look && Care::Looks.all.fetch(look.what)
      end

      # The cue that ends this task: "boil", "level", "dry" (of Vocabulary::ENDS), or nil when it ends by its
      # time or when the cook says so.
      def until_cue
        stage = task[:stage] && plan[:stages][task[:stage]]
        stage && stage[:until]
      end

      # The remedy for the last sign reported in this task, until the cook has done it: {say, add_g, off_g,
      # minutes}, or nil.
      def remedy
        remedy_told unless since_sign.any? { |event| event.kind == "mended" }
      end

      # The outcome as the pot stands (Methods::ComesOut): as computed last, or as planned; nil for an older
      # plan that does not know it.
      def outlook
        @events.reverse.find { |event| event.kind == "outlook" }&.what || plan[:comes_out]
      end

      # The Care::Sign that was reported last in this task, or nil.
      def last_sign
        sign = signs.last
        sign && Care::Signs.all[sign.what]
      end

      private

      # The same, done or not: as it was reckoned for this pot then, else as the plan has it.
      def remedy_told
        sign = signs.last
        return unless sign

        found = since_sign.find { |event| event.kind == "remedy" }
        return JSON.parse(found.what, symbolize_names: true) if found

        plan.fetch(:remedies, {})[sign.what.to_sym] || in_words(sign.what)
      end

      # The last sign in this task and what came after it.
      def since_sign
        this_task.drop(this_task.rindex { |event| event.kind == "sign" } || this_task.size)
      end

      # What an older plan does not know of.
      def in_words(key)
        sign = Care::Signs.all[key]
        say = sign && (sign.now || sign.otherwise.fetch(where))
        say && { say: say, add_g: 0, off_g: 0, minutes: 0 }
      end

      # Where its rice is (Care::Sign::VESSELS).
      def where
        return :steamer if plan[:steaming]

        plan[:sealed] ? :sealed : :pot
      end

      def signs
        this_task.select { |event| event.kind == "sign" }
      end

      def looks
        this_task.select { |event| event.kind == "look" && Care::Looks.all.key?(event.what) }
      end
    end
  end
end
