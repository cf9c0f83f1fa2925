# frozen_string_literal: true

require "monitor"
require_relative "figures"
require_relative "given_only"
require_relative "paths"

module FondKettle
  # The parts that all schemas share: plain messages (data/messages.yml) and number types. The validation
  # library takes longer to load than most commands take to answer, so it is loaded with the first schema or
  # type that is used.
  module Schema
    TYPES_FILE = File.expand_path("schema_types.rb", __dir__)
    %i[Number TypedNumber TypedWhole].each { |type| autoload type, TYPES_FILE }

    # Predicates that ask what kind of value it is.
    TYPES = %i[float? int? number? str?].freeze

    module_function

    # The message of a result as a sentence, with both halves when either of two rules would do.
    def sentence(message)
      return message.text if message.respond_to?(:text)

      this, that = [message.left, message.right].map { |side| sentence([side].flatten.first) }
      "#{this} or #{that.delete_prefix("#{message.path.last} ")}"
    end

    # The messages of a result (path, received value), each with its sentence. A value that is no number at
    # all is told its range.
    def faults(result)
      result.errors.map do |message|
        [message, which(message) || [sentence(message), *allowed(message, result)].join(", ")]
      end
    end

    # The same as problems of an InvalidInput: the field's path and what is wrong.
    def problems(result)
      faults(result).map { |message, words| { field: message.path.join("."), message: words } }
    end

    # The rule that applies to a value of two possible types, or nil.
    def which(message)
      typed = message.respond_to?(:input) ? message.input : nil
      return unless typed.is_a?(String) && Figures.undecided?(typed[0, Figures::LETTERS])

      "may be #{Figures.readings(typed).map do |value|
        plain(value)
      end.join(' or ')}: write it without the comma, " \
        "or with a point"
    end

    # The number as text, whole numbers without a decimal point.
    def plain(value)
      value == value.to_i ? value.to_i.to_s : value.to_s
    end

    # The range or list of a value that already fails by its type.
    def allowed(message, result)
      return unless message.respond_to?(:predicate) && TYPES.include?(message.predicate)

      hint = result.hints.find { |found| found.path == message.path && found.predicate == :included_in? }
      hint&.text&.delete_prefix("must be ")
    end

    # "1.5" or "1,5" as a float; nil where it is no number, or may be two.
    def decimal(text)
      Figures.read(text)
    end

    # A typed number as a file has it: whole where it is whole; anything else stays
    # text, for a schema to refuse.
    #
    #   as_number("1,5") # => 1.5
    def as_number(text)
      number = decimal(text)
      return text unless number

      number == number.to_i ? number.to_i : number
    end

    # A schema that is built when it is first asked: building one takes as long as many
    # plans, and no command or page asks all of them.
    class Later
      BUILDING = Monitor.new
      private_constant :BUILDING

      # The block builds it; given names, with nothing optional beside those (GivenOnly).
      def initialize(&build)
        @build = build
      end

      # The Dry::Schema itself, as another schema takes it in.
      def whole
        BUILDING.synchronize { @whole ||= @build.call }
      end

      # The part of the schema that the keys of `input` (a hash) need, the first time; the whole schema
      # afterwards. A command validates once and uses few of the keys.
      def fitting(input)
        BUILDING.synchronize do
          next whole if @asked

          @asked = true
          @whole || @build.call(input.keys.map(&:to_s))
        end
      end

      # Its result for `input`.
      def call(input)
        whole.call(input)
      end

      # Keys that it knows.
      def key_map
        whole.key_map
      end
    end

    # A JSON schema (Later) with our messages; `strict` refuses keys it does not know;
    # `like` is a schema that it goes on from.
    def json(strict: false, like: nil, &block)
      Later.new do |names|
        require TYPES_FILE
        Dry::Schema.JSON(**(like ? { parent: like.whole } : {})) do
          config.validate_keys = strict
          config.messages.load_paths << File.join(DATA, "messages.yml")
          (names ? GivenOnly.new(self, names) : self).instance_exec(&block)
        end
      end
    end

    # A form schema (Later) with our messages.
    def params(&block)
      Later.new do
        require TYPES_FILE
        Dry::Schema.Params do
          config.messages.load_paths << File.join(DATA, "messages.yml")
          instance_exec(&block)
        end
      end
    end
  end
end
