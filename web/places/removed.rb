# frozen_string_literal: true

require_relative "../../lib/fond_kettle/ground/limits"
require_relative "../ground/own_address"
require_relative "place"

module FondKettle
  module Web
    # Page of what was removed in the last thirty days, where anything that was done can be taken back.
    class RemovedPlace < Place
      # What was removed in the last thirty days.
      get "/" do
        @title = "Removed"
        erb :removed, locals: { removals: household.journal.removals(now) }
      end

      # From the bar of a page: back to that page.
      post "/take-back" do
        back = OwnAddress.of(text_param("back"))
        entry = taken_back(id_from(text_param("id")))
        # What an addition was is not there any more.
        redirect entry.kind == "removal" ? entry.path : back || entry.path, 303
      end

      # Nothing more is offered of what was done last.
      post "/leave" do
        session.delete("take_back")
        redirect OwnAddress.of(text_param("back")) || "/", 303
      end

      # From the list: to where it stands then.
      post "/:id" do
        redirect taken_back(id_from(params["id"])).path, 303
      end

      private

      def taken_back(id)
        household.journal.take_back(id, now).tap { |entry| can_take_back(entry.id) }
      end

      def day_after(time)
        (time + Limits::REMOVED_S).getlocal.strftime("%-d %B")
      end
    end
  end
end
