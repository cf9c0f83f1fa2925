# frozen_string_literal: true

require "time"
require_relative "../../../lib/fond_kettle/ground/limits"
require_relative "../../../lib/fond_kettle/ground/schema"
require_relative "../../../lib/fond_kettle/larder/grains"
require_relative "../fields"
require_relative "beside_dishes"

module FondKettle
  module Forms
    # A meal as it is laid: who eats, when, which dishes, who cooks, what is made beside them. What is
    # typed stays as it is; a problem stands at its field.
    class MealForm
      # Begins the key of plain rice, its grain behind it.
      PLAIN = "plain-"
      # Of the future that is planned, days.
      MOST_DAYS = 60
      FIELDS = %w[title day serve guests cooks beside quiet].freeze
      LISTS = %w[who dish side].freeze
      SHARE = /\Afor_([a-z0-9-]+)\z/
      DAY = "%Y-%m-%d"
      SCHEMA = Schema.params do
        optional(:title).maybe(:string, max_size?: Limits::NAME_LENGTH)
        required(:day).filled(:string)
        required(:serve).filled(:string)
        optional(:guests).maybe(Schema::TypedWhole, included_in?: 0..Limits::PEOPLE.max)
        required(:cooks).filled(:string, max_size?: Limits::TEXT_LENGTH)
        optional(:beside).maybe(:string, max_size?: Limits::LINE_LETTERS * 10)
        optional(:quiet).maybe(:string)
      end

      # What is wrong, field and message; when it is eaten (a Time); dishes that are only jotted down
      # (Meals::MealDish); how many guests come.
      attr_reader :problems, :serve_at, :beside, :guests

      # The grain that a dish's key means, or nil for a dish of the house.
      def self.grain_of(key)
        key.delete_prefix(PLAIN) if key.start_with?(PLAIN)
      end

      # `typed`: the parameters as they came; `now`: a Time.
      def initialize(typed, household, now)
        @household = household
        @now = now
        @typed = FIELDS.to_h { |field| [field, Forms.text(typed, field)] }
        @lists = LISTS.to_h { |field| [field, Array(typed[field]).grep(String).first(Limits::PEOPLE.max)] }
        @shares = typed.select { |name, _| name.match?(SHARE) }
                       .to_h { |name, value| [name[SHARE, 1], value.to_s.strip] }
        @asked = typed.key?("day")
        @problems = []
        read if @asked
      end

      def ok?
        @asked && @problems.empty?
      end

      # Text that a field shows: as typed, or its usual value.
      def [](field)
        typed = @typed.fetch(field.to_s)
        @asked || !typed.empty? ? typed : usual.fetch(field.to_s, "")
      end

      # Ids of who eats, as texts.
      def who
        if @asked || @lists["who"].any?
          @lists["who"]
        else
          @household.values(:eaters).map do |eater|
            eater.id.to_s
          end
        end
      end

      # Keys of the dishes that are chosen: an id, or "plain-" and a grain.
      def chosen
        @lists["dish"].reject(&:empty?)
      end

      # Number of people a dish is made for, as typed.
      def share(key)
        @shares.fetch(key, "")
      end

      def quiet?
        @asked ? self[:quiet] == "yes" : true
      end

      # Everything to choose from: [key, words].
      def choices
        plain = grains.map do |grain|
          ["#{PLAIN}#{grain}", "plain #{Larder::Grains.fetch(grain).name.downcase}"]
        end
        @household.dishes.with_rice.map { |record| [record[:id].to_s, record[:title]] } + plain
      end

      # Sides of the house to choose from: [id, title].
      def side_choices
        @household.dishes.sides.map { |record| [record[:id].to_s, record[:title]] }
      end

      # Ids of the sides that are chosen.
      def sides
        @lists["side"] & side_choices.map(&:first)
      end

      # Adds problems that were found while it was laid.
      def refuse(problems)
        @problems.concat(problems)
      end

      # The number of people at the table.
      def heads
        who.size + @guests
      end

      # Names of those who cook.
      def cooks
        names = self[:cooks].split(",").map(&:strip).reject(&:empty?)
        names.map { |name| name[0, Limits::NAME_LENGTH] }.uniq
      end

      # The meal's name; by its day where none was typed.
      def title
        self[:title].empty? ? "#{@serve_at.strftime('%A')} for #{heads}" : self[:title]
      end

      private

      # The house's bags, or every grain there is.
      def grains
        bags = @household.values(:bags).map(&:grain).uniq
        bags.empty? ? Larder::Grains.all.keys : bags
      end

      def usual
        soon = @now.getlocal + 7200
        { "day" => soon.strftime(DAY), "serve" => "19:00", "guests" => "0",
          "cooks" => Array.new(@household.kitchen[:hands]) { |index| "Cook #{index + 1}" }.join(", ") }
      end

      def read
        result = SCHEMA.call(@typed.reject { |_, value| value.empty? })
        @problems.concat(Forms.problems(result))
        @guests = result.to_h[:guests].to_i
        @serve_at = time
        check
        read_beside if @problems.empty?
      end

      def check
        unless Limits::HANDS.cover?(cooks.size)
          problem("cooks", "must name between 1 and #{Limits::HANDS.max}")
        end
        problem("dish", "must be chosen: tick one, or jot something down beside it") if empty?
        problem("dish", "must be at most #{Limits::DISHES}") if chosen.size > Limits::DISHES
        problem("guests", "must seat somebody") if heads.zero? && (chosen.any? || sides.any?)
        @problems.uniq! { |one| one[:field] }
      end

      def empty?
        chosen.empty? && self[:beside].empty? && sides.empty?
      end

      def time
        at = Time.strptime("#{self[:day]} #{self[:serve]}", "#{DAY} %H:%M")
        return problem("serve", "must be in the future") && nil if at <= @now
        return problem("day", "must be within #{MOST_DAYS} days") && nil if at > @now + (MOST_DAYS * 86_400)

        at
      rescue ArgumentError
        problem("serve", "must be a day and a time, like #{@now.getlocal.strftime("#{DAY} 19:00")}")
        nil
      end

      def read_beside
        beside = BesideDishes.new(@household, heads, eaters)
        laid = beside.sides(sides, first: chosen.size + 1)
        @beside = [*laid, *beside.jotted(self[:beside], first: chosen.size + laid.size + 1)]
        return if chosen.size + @beside.size <= Limits::DISHES

        problem("beside", "must leave at most #{Limits::DISHES} dishes in all")
      rescue InvalidInput => e
        refuse(e.problems)
      end

      def eaters
        @household.values(:eaters).select { |one| who.include?(one.id.to_s) }
      end

      def problem(field, message)
        @problems << { field: field, message: message }
      end
    end
  end
end
