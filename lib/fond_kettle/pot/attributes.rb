# frozen_string_literal: true

require_relative "../ground/errors"
require_relative "../ground/words"
require_relative "attribute"

Dir[File.join(__dir__, "attributes", "*.rb")].each { |path| require path }

module FondKettle
  module Pot
    # The list of attributes: every file of attributes/ adds one.
    module Attributes
      # What is done when a stage begins, in this order.
      ACTS = %i[drain add sprinkle stir lift_for].freeze

      module_function

      # All Attributes by key. Raises BadCatalogue.
      def all
        @all ||= checked(constants.map { |name| const_get(name) }.grep(Attribute), Words.of("closings"))
                 .sort_by(&:key).to_h { |attribute| [attribute.key, attribute] }.freeze
      end

      # The list itself, when each attribute that a request may switch on has a sentence for the slip: nothing
      # changes the water unsaid. `sentences`: text by key. Raises BadCatalogue.
      def checked(list, sentences)
        silent = list.select { |one| one.by?(:request) && one.type == :switch }.map { |one| one.key.to_s }
        silent -= sentences.keys
        return list if silent.empty?

        raise BadCatalogue, "data/words.yml: closings must have a sentence for #{silent.join(', ')}"
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
