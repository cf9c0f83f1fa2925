# frozen_string_literal: true

require "time"
require_relative "../lib/fond_kettle/formats/history/linearised_json"
require_relative "../lib/fond_kettle/ground/errors"
require_relative "../lib/fond_kettle/log/causes"
require_relative "../lib/fond_kettle/log/kitchen_lesson"
require_relative "../lib/fond_kettle/log/learning"
require_relative "../lib/fond_kettle/log/pot_scopes"
require_relative "../lib/fond_kettle/log/seen_cook"
require_relative "../lib/fond_kettle/log/worth_showing"
require_relative "forgetting"
require_relative "journal"
require_relative "kept_lessons"
require_relative "shelf"
require_relative "teaching_cook"

module FondKettle
  module Store
    # Keeps what each cook has shown of the kitchen, and folds it (Log::Learning). A pot is run once, when it
    # is written down how it came out; what was kept of it is folded when it is asked for.
    class LessonBook
      # The Shelf of what cooks said of their own water.
      attr_reader :mine
      # The Forgetting of what cooks have taught.
      attr_reader :forgetting

      # `pots`: the Shelf of pots, for the lids that were tested.
      def initialize(database, journal, cooks, pots)
        @mine = Shelf.new(database, :mine, journal)
        @kept = KeptLessons.new(database, journal, @mine)
        @forgetting = Forgetting.new(database, journal)
        @database = database
        @journal = journal
        @cooks = cooks
        @pots = pots
      end

      # Log::Learned of every cook in the log that teaches, and of the tested lids.
      def learned
        @database.remember(:learned) { tested(gone_on([*@kept.told, *@kept.texts])) }
      end

      # The lesson (Log::KitchenLesson) for a Methods::Request; `bag_id`, `dish`: as Log::PotScopes has them.
      def lesson(request, bag_id, dish)
        grain = request.grain.key
        scopes = Log::PotScopes.of(request, bag_id, dish)
        @database.remember([:lesson, grain, scopes]) { Log::KitchenLesson.of(learned, grain, scopes) }
      end

      # Log::Worth of what could be shown of the pot of a Methods::Plan, the most first; else as `lesson`.
      def worth(plan, bag_id, dish)
        Log::WorthShowing.new(learned, plan, Log::PotScopes.of(plan.request, bag_id, dish)).all
      end

      # Log::Causes of what differs from the book in the kitchen of a cook (its id); nil where it has shown
      # nothing.
      def causes(cook_id)
        text = @kept.of(cook_id)
        return unless text

        seen = Formats::LinearisedJson.read(text)
        Log::Causes.new(learned.meeting(seen.scopes, seen.grain), seen.scopes)
      end

      # Log::Odd of what a finished cook's record has shown far off what was expected.
      def odd(cook)
        on = TeachingCook.on(cook)
        learned.odd.select { |one| one.on == on }
      end

      # Log::Learned before a finished cook's record.
      def before(cook)
        folded(@kept.texts(before: cook))
      end

      # The text to keep of what a cook's record shows that came out so (an Outcome as a hash); nil where it
      # can show nothing.
      def seen(cook, outcome)
        after(before(cook), cook, outcome)
      end

      # Keeps that so much water (g) comes right in this house for a Methods::Request. Returns the record.
      # Raises Error where no such pot can be.
      def tell_mine(request, liquid_g, bag_id, dish, now:, **named)
        own = Log::SeenCook.mine(Log::PotScopes.of(request, bag_id, dish), request.by_the_book, liquid_g)
        @mine.add(liquid_g: liquid_g, seen: shown(own, told), told_at: Journal.text(now), **named)
      end

      # Keeps a text in the place of what a finished cook's record had shown before (nil: nothing).
      def keep(cook, text)
        @kept.keep(cook, text)
      end

      # Works out what nobody has yet, of cooks of before or from elsewhere: each once, after those before.
      def bring_forward
        rows = @kept.rows
        return if rows.all? { |row| row[:seen] }

        rows.reduce(told) do |known, row|
          text = row[:seen] || brought_forward(known, row[:id])
          text && row[:counts] ? folded([text], known) : known
        end
      end

      # Works out anew up to `most` cooks after some that were changed, forgotten or put back since: they were
      # run where the kitchen was held to be then. Leaves it for later while such a change can still be taken
      # back at `now`. Returns how many.
      def work_out_anew(most, now)
        ids = @database.remember(:outdated) { @kept.outdated }
        return 0 if ids.empty? || @journal.fresh_in?(:lessons, now)

        ids.first(most).each do |id|
          cook = @cooks.find(id)
          was = @kept.of(id)
          @kept.renew(cook, was, seen(cook, cook[:outcome]) || was)
        end.size
      end

      private

      # The text of a cook that had none, which is kept from now on.
      def brought_forward(known, cook_id)
        cook = @cooks.find(cook_id)
        text = after(known, cook, cook[:outcome])
        keep(cook, text) if text
        text
      end

      # The text to keep of a cook, after what was known by then; nil where it can show nothing.
      def after(known, cook, outcome)
        found = TeachingCook.of(cook, outcome)
        shown(found, known) if found
      rescue UserError
        nil
      end

      # Log::Learned of all kept texts: where they begin with those of the last time, from there on.
      def gone_on(texts)
        before, known = @folded
        unless before && texts.first(before.size) == before
          before = []
          known = Log::Learned.nothing
        end
        learned = folded(texts.drop(before.size), known)
        @folded = [texts, learned].freeze
        learned
      end

      # Log::Learned of kept texts, after what is known (nothing but what was told of the house's own water).
      def folded(kept, known = told)
        kept.reduce(known) { |now, text| Log::Learning.fold(now, Formats::LinearisedJson.read(text)) }
      end

      def told
        folded(@kept.told, Log::Learned.nothing)
      end

      # The text to keep of a SeenCook, after what is known by then.
      def shown(cook, known)
        met = known.meeting(cook.scopes, cook.request.grain.key)
        Formats::LinearisedJson.write(Log::Learning.linearised(met, cook))
      end

      def tested(known)
        @pots.all.select { |pot| pot[:lid_factor] }.reduce(known) do |now, pot|
          Log::Learning.tested(now, :lid, "pot:#{Log::PotScopes.lidded(*pot.values_at(:id, :lid))}",
                               pot[:lid_factor])
        end
      end
    end
  end
end
