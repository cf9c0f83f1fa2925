# frozen_string_literal: true

require "monitor"
require_relative "figures"
require_relative "given_only"
require_relative "paths"

module FondKettle
  # What all schemas share: plain messages (data/messages.yml) and number types. The
  # library behind it takes longer to load than most commands to answer: it is loaded when
  # the first schema is asked, or the first of these types.
  module Schema
    TYPES_FILE = File.expand_path("schema_types.rb", __dir__)
    %i[Number TypedNumber TypedWhole].each { |type| autoload type, TYPES_FILE }

    # Predicates that ask what kind of value it is.
    TYPES = %i[float? int? number? str?].freeze

    module_function

    # What a message of a result says, as a sentence; where either of two would do, both.
    def sentence(message)
      return message.text if message.respond_to?(:text)

      this, that = [message.left, message.right].map { |side| sentence([side].flatten.first) }
      "#{this} or #{that.delete_prefix("#{message.path.last} ")}"
    end

    # What is wrong: the messages of a result (path, what was received), each with
    # what it says. What is no number at all is told between
    # which it may be.
    def faults(result)
      result.errors.map do |message|
        [message, which(message) || [sentence(message), *allowed(message, result)].join(", ")]
      end
    end

    # What is asked of a number that may be two, or nil.
    def which(message)
      typed = message.respond_to?(:input) ? message.input : nil
      return unless typed.is_a?(String) && Figures.undecided?(typed[0, Figures::LETTERS])

      "may be #{Figures.readings(typed).map do |value|
        plain(value)
      end.join(' or ')}: write it without the comma, " \
        "or with a point"
    end

    # Without the point of a whole number.
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

      # As much of it as `input` (a hash) is asked by, the first time; from then on the whole: a
      # command asks once, and most of it is of what was not given.
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

      # The keys that it knows.
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
