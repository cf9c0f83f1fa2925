# frozen_string_literal: true

require_relative "../layer_kinds"

module FondKettle
  module Methods
    # The layers as a cook reads them: "half of the base (600 g); half of the rice …".
    module LayerWords
      SHARES = { 0.5 => "half", 0.33 => "a third", 0.67 => "two thirds", 0.25 => "a quarter",
                 0.75 => "three quarters" }.freeze
      # So near to one of them it is that, and to all it is all.
      NEAR = 0.015

      module_function

      # The layers of a Request with `rice_g` of rice and `base_g` of base at layering: a list, from the floor
      # up. `empty`: includes layers of nothing.
      def of(request, rice_g, base_g, empty: false)
        whole = { LayerKinds::RICE => rice_g, LayerKinds::BASE => base_g }
        request.in_layers.layers.reject { |wish| !empty && whole[wish.what]&.zero? }
               .map { |wish| layer(wish, whole, request.measures) }
      end

      # True when the layer takes all of the rice, or all of the base.
      def all?(wish)
        wish.kind.share ? wish.share >= 1 - NEAR : false
      end

      def layer(wish, whole, measures)
        kind = wish.kind
        return kind.word if kind.thin && wish.g.zero?
        return "#{measures.weighed(wish.g)} #{kind.word}" unless kind.share

        weight = measures.weighed(whole.fetch(kind.key) * wish.share)
        return "#{wish.say} (#{weight})" if wish.say

        "#{all?(wish) ? 'all of' : share(wish.share)} the #{kind.word} (#{weight})"
      end

      def share(share)
        near = SHARES.keys.min_by { |one| (one - share).abs }
        "#{(near - share).abs < NEAR ? SHARES.fetch(near) : "#{(share * 100).round} %"} of"
      end
      private_class_method :layer, :share
    end
  end
end
