# frozen_string_literal: true

require_relative "../../ground/field"
require_relative "../../ground/limits"
require_relative "../../ground/value"
require_relative "../../ground/vocabulary"
require_relative "../../pot/piece"
require_relative "../../pot/water/wash"
require_relative "../base_foods"
require_relative "../dressings"
require_relative "making"
require_relative "../piece_uses"

module FondKettle
  module Methods
    # One thing that may be asked of a plan: what it may be as a Field, by its name in a page's form
    # (`typed`), and at a `path` of a request as JSON (`told`). The schemas of the command line and of the
    # pages are both made of the list.
    Asked = Value.define(:path, :told, :typed) do
      # A number, which a form may leave blank; in a request it `must` be there where its group is.
      def self.number(path, form, range, unit = nil, must: false)
        of(path, form, Field.number(path.last, form.to_s, range, unit: unit), must: must)
      end

      # A whole number.
      def self.whole(path, form, range, must: false, blank: true)
        of(path, form, Field.whole(path.last, form.to_s, range), must: must, blank: blank)
      end

      # A choice among keys.
      def self.choice(path, form, keys, blank: true)
        of(path, form, Field.choice(path.last, form.to_s, keys), blank: blank)
      end

      def self.of(path, form, field, must: false, blank: true)
        new(path: path, told: field.with(optional: !must), typed: field.with(key: form, optional: blank))
      end
      private_class_method :of
    end

    # The list of them.
    module Asking
      ALL = [
        Asked.whole(%i[rinse changes], :rinse, Limits::RINSE_CHANGES, must: true, blank: false),
        Asked.number(%i[soak minutes], :soak, Limits::SOAK_MIN, "min", must: true),
        Asked.number(%i[soak water_c], :water_c, Limits::SOAK_C, "°C"),
        Asked.choice(%i[drain], :drain, Pot::Wash::SURFACE.keys, blank: false),
        Asked.choice(%i[base onion], :onion, Vocabulary::ONION_COLOURS, blank: false),
        Asked.choice(%i[base first], :first, %w[meat onion], blank: false),
        Asked.choice(%i[base meat], :under_meat, BaseFoods.all.keys),
        Asked.choice(%i[base shape], :under_shape, Pot::Piece::SHAPES.keys),
        Asked.number(%i[base g], :under_g, Limits::BASE_G, "g"),
        Asked.number(%i[base water_g], :under_water, Limits::BASE_G, "g"),
        Asked.number(%i[base residue_g], :under_gravy, Limits::BASE_G, "g"),
        Asked.number(%i[base piece_mm], :under_mm, Limits::PIECE_MM, "mm"),
        Asked.number(%i[base start_c], :under_c, Limits::WATER_C, "°C"),
        Asked.choice(%i[stir], :stir, %w[never at-boil], blank: false),
        Asked.number(%i[residue_g], :sauce_g, Limits::LIQUID_G, "g"),
        Asked.number(%i[parts], :parts, Limits::PARTS),
        Asked.number(%i[steamer diameter_mm], :steamer_mm, Limits::DIAMETER_MM, "mm", must: true),
        Asked.whole(%i[steamer tiers], :tiers, Limits::TIERS),
        Asked.whole(%i[pieces count], :pieces, Limits::PIECES),
        Asked.number(%i[pieces g_each], :piece_g, Limits::PIECE_G, "g"),
        Asked.choice(%i[pieces use], :piece_for, PieceUses.all.keys),
        Asked.number(%i[filling g_each], :filling_g, Limits::FILLING_G, "g", must: true),
        Asked.choice(%i[from], :from, Making::FROM),
        Asked.choice(%i[style], :style, Dressings.all.keys),
        Asked.number(%i[dressing_per_100g vinegar_ml], :sharp, Limits::VINEGAR_ML, "mL", must: true),
        Asked.number(%i[dressing_per_100g sugar_g], :sweet, Limits::DRESSING_SUGAR_G, "g", must: true),
        Asked.number(%i[dressing_per_100g salt_g], :salty, Limits::DRESSING_SALT_G, "g", must: true),
        Asked.number(%i[cool depth_mm], :spread_mm, Limits::SPREAD_MM, "mm")
      ].freeze

      module_function

      # Fields of a group of the request (nil: of the request itself), by their names there.
      def under(group)
        of(group).map(&:told)
      end

      # Keys of a group of the request, by their names in a form.
      def keys_in(group)
        of(group).to_h { |one| [one.typed.key, one.told.key] }
      end

      # Fields by their names in a form.
      def in_forms
        ALL.map(&:typed)
      end

      def of(group)
        ALL.select { |one| one.path[0..-2] == [*group] }
      end
      private_class_method :of
    end
  end
end
