# frozen_string_literal: true

require_relative "../../../lib/fond_kettle/ground/value"
require_relative "../../../lib/fond_kettle/methods/layer_kinds"
require_relative "../../../lib/fond_kettle/methods/loads/layering"
require_relative "../../../lib/fond_kettle/methods/request/layer_words"
require_relative "../../../app/forms/layered_form"

module FondKettle
  module Web
    module Presenters
      # The layers of a pot as a list to build with: each with its number and what can be done with it,
      # as addresses of the plan that comes of it.
      class LayerBench
        # A layer: its `index`, `text` (as Forms::LayeredForm has it), `words`, and by what is done (up,
        # down, split, third, out) how that is called, and the address.
        LayerRow = Value.define(:index, :text, :words, :acts)
        ACTS = { "up" => "Up", "down" => "Down", "split" => "Halve", "third" => "Leave a third",
                 "out" => "Take out" }.freeze
        # What is laid in without being asked how much.
        ADDED = %w[herbs fried-onions coloured-milk fat egg slices milk].freeze

        # `form`: a PlanForm; `request`: the Methods::Request that came of it; `rice_g`: of rice as it is
        # when it is layered.
        def initialize(form, request, rice_g)
          @form = form
          @wishes = request.in_layers.layers
          @words = Methods::LayerWords.of(request, rice_g, Methods::Layering.new(request).base_g, empty: true)
        end

        # The layers from the top down, as they lie.
        def rows
          @rows ||= @wishes.each_with_index.map do |wish, index|
            LayerRow.new(index: index, text: Forms::LayeredForm.text(wish), words: @words[index],
                         acts: acts(wish, index))
          end.reverse
        end

        # The layers from the floor up, as the form sends them.
        def texts
          @wishes.map { |wish| Forms::LayeredForm.text(wish) }
        end

        # The layers that can be added on top: words and address.
        def added
          ADDED.map { |key| [Methods::LayerKinds.fetch(key).word, address([*texts, key])] }
        end

        # Address of the layers as the method, or the dish, has them; nil when nothing was changed.
        def as_it_was
          @form.address(layer: nil) if @form.layers?
        end

        private

        def acts(wish, index)
          { "up" => (swapped(index, index + 1) if index + 1 < @wishes.size),
            "down" => (swapped(index, index - 1) if index.positive?),
            "split" => (parted(wish, index, 1 / 2r) if wish.kind.share),
            "third" => (parted(wish, index, 1 / 3r) if Methods::LayerWords.all?(wish)),
            "out" => out(wish, index) }
            .compact.to_h { |act, address| [act, [ACTS.fetch(act), address]] }
        end

        def swapped(one, other)
          list = texts
          list[one], list[other] = list[other], list[one]
          address(list)
        end

        # A `part` of it stays; the rest goes on top of all, over what lies there.
        def parted(wish, index, part)
          stays, rest = [part, 1 - part].map do |share|
            Forms::LayeredForm.text(wish.with(share: (wish.share * share).to_f))
          end
          list = texts
          list[index] = stays
          address([*list, rest])
        end

        def out(wish, index)
          rest = @wishes.each_with_index.reject { |_, at| at == index }.map(&:first)
          return address(rest.map { |one| Forms::LayeredForm.text(one) }) unless wish.kind.share

          heir = rest.index { |one| one.what == wish.what }
          return unless heir

          rest[heir] = rest[heir].with(share: rest[heir].share + wish.share)
          address(rest.map { |one| Forms::LayeredForm.text(one) })
        end

        def address(list)
          @form.address(layer: list)
        end
      end
    end
  end
end
