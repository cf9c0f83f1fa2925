# frozen_string_literal: true

require_relative "parcels"
require_relative "../placing/ingredient_placement"

module FondKettle
  module Methods
    # The pieces into which the done rice of a request is divided, equal by weight of the cooked and seasoned
    # rice, with the remainder and the thickness of one.
    class Pieces
      # Kinds of step that put something into a piece.
      FILLED = %w[shape wrap].freeze
      # Kinds of step at which all of the rice is seasoned.
      SEASONED = %w[dress mix fold].freeze
      # Of what lies in a piece, g/mL.
      FILLING_G_ML = 1.0

      # `request`: its rice ended in the `last` phase (Phases::Phase).
      def initialize(request, last)
        @request = request
        @last = last
        @making = request.making
      end

      # PieceUse, or nil where nothing is divided.
      def use
        @request.method.piece_use(@making.use)
      end

      # The steaming of the pieces (Parcels), or nil when they are not wrapped.
      def parcels
        return unless use&.wrapped

        @parcels ||= Parcels.new(@request, @last, count: count, g_each: rice_g_each + filling_g_each,
                                                  thickness_mm: thickness_mm, across_mm: across_mm)
      end

      # All of the cooked and seasoned rice, g.
      def seasoned_g
        load = @last.load
        food_g = @request.additions.select(&:stays?).sum { |one| one.in_pot_g * (1 - one.ingredient.brings) }
        (load.rice_g * (1 + @last.run.uptake)) + @last.run.drunk_g + food_g + at_steps_g(SEASONED)
      end

      # Number of pieces.
      def count
        @count ||= @making.count || seats || [(seasoned_g / wanted_g).floor, 1].max
      end

      # Rice in each, whole g: as much as all of them can have alike.
      def rice_g_each
        @rice_g_each ||= @making.g_each ? wanted_g.floor : (seasoned_g / count).floor
      end

      # g in each beside it.
      def filling_g_each
        @making.filling_g || (at_steps_g(FILLED) / count)
      end

      # Rice that is left over, g.
      def left_g
        seasoned_g - (count * rice_g_each)
      end

      # Number that is cut from each piece.
      def cut_count
        use.cut && (count * use.cut)
      end

      # Thickness of a piece, in mm.
      def thickness_mm
        volume_mm3 = 1000 * ((rice_g_each / @last.load.grain.cooked_g_ml) + (filling_g_each / FILLING_G_ML))
        Math.cbrt(volume_mm3 / (use.broad**2))
      end

      # Breadth of a piece, in mm.
      def across_mm
        use.broad * thickness_mm
      end

      private

      def seats
        @request.eaters.size if use.per_person && @making.g_each.nil? && @request.eaters.any?
      end

      # What is put in at the steps after the rice of some kinds, g.
      def at_steps_g(kinds)
        whereto = IngredientPlacement.new(@request, @request.method.last_phase, last: true)
        stages = @request.method.after.select { |stage| kinds.include?(stage.kind) }
        stages.flat_map { |stage| whereto.at(stage) }.sum { |one| one.g.to_f }
      end

      # Rice in one as it is wanted, g.
      def wanted_g
        return use.rice_g.to_f unless @making.g_each

        @making.g_each - (@making.filling_g || 0.0)
      end
    end
  end
end
