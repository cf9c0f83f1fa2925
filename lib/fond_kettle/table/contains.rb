# frozen_string_literal: true

module FondKettle
  module Table
    # The sentence about what the food contains. Unknown contents are stated to be unknown.
    module Contains
      module_function

      # The sentence for sorted `allergens` and for foods that nobody has checked.
      #
      #   say(["milk"], ["sea moss"]) # => "Contains milk. Not checked: sea moss. Check every packet."
      def say(allergens, not_checked)
        known = "None of the named allergens is known in it."
        known = "Contains #{list(allergens)}." if allergens.any?
        [known, *("Not checked: #{list(not_checked)}." if not_checked.any?), "Check every packet."].join(" ")
      end

      def list(names)
        names.join(", ")
      end
      private_class_method :list
    end
  end
end
