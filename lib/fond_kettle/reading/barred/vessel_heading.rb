# frozen_string_literal: true

require_relative "../../ground/slug"
require_relative "../../ground/value"
require_relative "../../kit/dish_vessels"

module FondKettle
  module Reading
    # The vessel that a heading over a dish's steps names: "For the onions (pan):", "In a bowl:". `name` is as
    # it is written, `kind` a key of Kit::DishVessels.
    VesselHeading = Value.define(:name, :kind) do
      # Its heading, its word in brackets where the name does not say what it is.
      const_set(:HEADING, /\A(?:(?<where>in|on|for)\s+)?(?<name>[^:()]+?)\s*(?:\((?<kind>[^()]+)\))?\s*:\z/i)
      # Words before a vessel's own.
      const_set(:PLACE, /\A(?:in|on)\z/i)
      # Words for the vessel into which the rice goes.
      const_set(:RICE, /\A(?:the\s+)?(?:rice\s+|rice's\s+)?pot\z/i)

      # The VesselHeading that a line of text names, :rice for the rice's own, or nil where it is no heading.
      #
      #   VesselHeading.heading("For the onions (pan):") # => a frying-pan named "For the onions"
      def self.heading(line)
        found = self::HEADING.match(line.strip)
        return unless found
        return :rice if found[:name].match?(self::RICE)

        said = found[:kind] || (found[:name] if found[:where]&.match?(self::PLACE))
        kind = said && Kit::DishVessels.in_words(said)
        kind && new(name: [found[:where], found[:name]].compact.join(" "), kind: kind.key)
      end

      # Its key within the dish.
      def key
        FondKettle::Slug.of(name)
      end

      # The heading, as it is read.
      def heading
        word = Kit::DishVessels.fetch(kind).word
        named = name.match?(/\A(?:in|on)\b/i) && Kit::DishVessels.in_words(name)&.key == kind
        named ? "#{name}:" : "#{name} (#{word}):"
      end
    end
  end
end
