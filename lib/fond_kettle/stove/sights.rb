# frozen_string_literal: true

require "json"
require_relative "../care/looks"
require_relative "../care/signs"

module FondKettle
  module Stove
    # The cues seen at a pot and their consequences. Only a Cook includes it.
    module Sights
      # Events that tell of trouble.
      TROUBLE = %w[sign found].freeze
      # The remedy that stands until the way out is worked out.
      LOOKED_UP = { say: "What to do is being worked out.", add_g: 0, off_g: 0, minutes: 0,
                    pending: true }.freeze

      # Looks with a decision that are asked at the task at hand (Care::Look); none where it is over
      # with what is seen from outside.
      def looks_now
        return [] if until_cue && until_cue != "dry"

        Care::Looks.at(task[:kind], within: plan[:steaming] ? "steamer" : "pot")
      end

      # Signs of trouble that can occur at `now` (Care::Sign).
      def signs_at(now)
        Care::Signs.at(task[:kind], share: share_gone(now), boiled: !boiled_at.nil?).reject(&:found)
      end

      # True where it can be asked what stands in the pot and what a bite shows.
      def can_be_bitten?
        Care::Signs.at(task[:kind], share: 1.0, boiled: !boiled_at.nil?).any?(&:found)
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
      # minutes; of a part of a way out heat, lid, look too}, or nil.
      def remedy
        remedy_told unless mended_at
      end

      # True while a part of a way out is done and nobody has looked what came of it.
      def look_after?
        !mended_at.nil? && remedy_told[:look] == true
      end

      # Parts of a way out that were done so far: [Time, what was done as `remedy` has it].
      def parts_done
        told = nil
        @events.each_with_object([]) do |event, done|
          told = JSON.parse(event.what, symbolize_names: true) if event.kind == "remedy"
          done << [event.at, told] if event.kind == "mended" && told&.fetch(:look, false)
        end
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

      # The last finding in this task: keys of what stands in the pot and of the bite, or nil.
      def last_found
        found = signs.last
        found.what.split if found&.kind == "found"
      end

      private

      # The same, done or not: as it was reckoned for this pot then, else as the plan has it.
      def remedy_told
        sign = signs.last
        return unless sign

        found = since_sign.find { |event| event.kind == "remedy" }
        return JSON.parse(found.what, symbolize_names: true) if found

        plan.fetch(:remedies, {})[sign.what.to_sym] || in_words(sign.what) || LOOKED_UP
      end

      # The last sign in this task and what came after it.
      def since_sign
        this_task.drop(this_task.rindex { |event| TROUBLE.include?(event.kind) } || this_task.size)
      end

      # Time when what to do about the last sign was done, or nil.
      def mended_at
        since_sign.find { |event| event.kind == "mended" }&.at
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
        this_task.select { |event| TROUBLE.include?(event.kind) }
      end

      def looks
        this_task.select { |event| event.kind == "look" && Care::Looks.all.key?(event.what) }
      end
    end
  end
end
