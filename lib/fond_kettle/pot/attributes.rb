# frozen_string_literal: true

require_relative "attribute"

Dir[File.join(__dir__, "attributes", "*.rb")].each { |path| require path }

module FondKettle
  module Pot
    # The list of attributes: every file of attributes/ adds one.
    module Attributes
      # What is done when a stage begins, in this order.
      ACTS = %i[drain add sprinkle stir lift_for].freeze

      module_function

      # All Attributes by key.
      def all
        @all ||= constants.map { |name| const_get(name) }.grep(Attribute).sort_by(&:key)
                          .to_h { |attribute| [attribute.key, attribute] }.freeze
      end

      # Attributes that `who` may set (:method, :request, :stages or :event).
      def set_by(who)
        (@set_by ||= {})[who] ||= all.values.select { |attribute| attribute.by?(who) }.freeze
      end

      # Attributes that `who` may set and that are on or off.
      def switches(who)
        (@switches ||= {})[who] ||= set_by(who).select { |attribute| attribute.type == :switch }.freeze
      end

      # Keys, as texts, of what a request may switch on and is on at a Stage.
      def switched_on(stage)
        switches(:request).map(&:key).select { |key| stage.public_send(key) }.map(&:to_s)
      end

      # Attributes with an effect of a class of Effects.
      def with_effect(type)
        all.values.select { |attribute| attribute.effect.is_a?(type) }
      end

      # Attributes that act at the start of a stage, in their order.
      def on_entering
        @on_entering ||= with_effect(Effects::OnEntering)
                         .sort_by { |attribute| ACTS.index(attribute.effect.act) }.freeze
      end

      # Attributes that change the steam that leaves at the boil.
      def loss_factors
        @loss_factors ||= with_effect(Effects::LossFactor).freeze
      end

      # Attributes that take up drips.
      def sinks
        @sinks ||= with_effect(Effects::Sink).freeze
      end

      # Attributes and what they are when nothing is said.
      def defaults
        @defaults ||= all.transform_values(&:default).freeze
      end
    end
  end
end
