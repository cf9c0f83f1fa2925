# frozen_string_literal: true

require_relative "../../ground/value"
require_relative "../../pot/attributes"

module FondKettle
  module Methods
    # Where methods leave a choice. nil takes the method's own.
    #   onion  a colour of its onion stage     first  "meat" or "onion"
    #   stir   "never" or "at-boil"            crust  true or false
    #   residue_g, parts  as in Pot::Load   rest_minutes  of the rest at the end
    #   heat_to_boil  "medium" or "high"    finish  a key of FINISHES
    # and every attribute that a request may set (Pot::Attributes).
    Choices = Value.define(:onion, :first, :stir, :crust, :residue_g, :parts, :rest_minutes, :heat_to_boil,
                           :finish,
                           *Pot::Attributes.set_by(:request).map(&:key)) do
      # Choices with what was chosen; the others are nil.
      def self.of(**chosen)
        new(**members.to_h { |name| [name, nil] }, **chosen)
      end
    end
  end
end
