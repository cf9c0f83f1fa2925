# frozen_string_literal: true

require "fileutils"
require "tmpdir"
require_relative "../../lib/fond_kettle/ground/errors"
require_relative "../../app/kitchens/copy"
require_relative "../../app/kitchens/restore"
require_relative "../../store/safekeeping/contents"
require_relative "../../store/safekeeping/dated_copies"
require_relative "../../store/safekeeping/incoming"
require_relative "../helpers/fields"
require_relative "../presenters/copies"
require_relative "place"

module FondKettle
  module Web
    # The kitchen as a whole: its copies, and how one is put back; given away, and taken in.
    class SafekeepingPlace < Place
      helpers Helpers::Fields

      TYPES = { "db" => "application/vnd.sqlite3", "zip" => "application/zip" }.freeze
      NO_FILE = "must be chosen: a copy (.db) or a zip of a kitchen"
      GONE = "There is no such copy any more."

      # The copies of the kitchen.
      get "/" do
        show
      end

      # A copy of now, among the others.
      post "/copies" do
        notice "The kitchen is copied: #{File.basename(copying.dated)}."
        redirect "/safekeeping", 303
      end

      # The kitchen as it is now, as one file.
      get "/kitchen.db" do
        download("db") { |path| copying.to_file(path) }
      end

      # The same in open formats, or a part of it.
      get "/kitchen.zip" do
        part = text_param("part").then { |name| name.empty? ? nil : name }
        download("zip", part) { |path| copying.to_zip(path, part: part) }
      end

      # A copy, as a file.
      get "/copies/:name" do
        send_file copy(params["name"]).path, type: TYPES["db"], disposition: :attachment
      end

      # What is in a copy, and what is in the kitchen that is here.
      get "/copies/:name/put-back" do
        ask(Store::Incoming.new(copy(params["name"]).path), params["name"])
      end

      # A file from elsewhere: a part is taken in, a kitchen is asked about.
      post "/bring-in" do
        upload = params["file"]
        unless upload.is_a?(Hash) && upload[:tempfile].respond_to?(:path)
          next show(code: 422, problems: [{ field: "file", message: NO_FILE }])
        end

        incoming = Store::Incoming.new(upload[:tempfile].path)
        incoming.part ? merge(incoming) : ask(incoming.wait(household.path), nil)
      rescue InvalidInput => e
        show(code: 422, problems: e.problems)
      end

      # Puts a copy back; `name` blank: the file that was sent last.
      post "/put-back" do
        name = text_param("name")
        incoming = name.empty? ? Store::Incoming.waiting(household.path) : Store::Incoming.new(copy(name).path)
        raise NotFound, GONE unless incoming

        done = App::RestoreKitchen.new(now).running(incoming, household)
        FileUtils.rm_f(incoming.path) if name.empty?
        # What was done last was done to the kitchen of before.
        session.delete("take_back")
        notice "The kitchen is as it was in the copy: #{summary(done.contents)}. What stood " \
               "here before is kept as #{File.basename(done.kept_as)}."
        redirect "/safekeeping", 303
      end

      private

      def summary(contents)
        Presenters::Copies.summary(contents)
      end

      def copies
        @copies ||= Store::DatedCopies.new(household.path)
      end

      def copying
        App::CopyKitchen.new(household.path, now)
      end

      # Raises NotFound.
      def copy(name)
        copies.named(name) || raise(NotFound, GONE)
      end

      def file
        File.join(household.path, "kettle.db")
      end

      # Gives what the block writes to a path, under the name of a part and of the day.
      def download(kind, part = nil)
        Dir.mktmpdir do |folder|
          path = File.join(folder, "download")
          yield path
          content_type TYPES.fetch(kind)
          attachment ["fond-kettle", *part&.tr(":_", "-"), now.strftime("%Y-%m-%d")].join("-") << ".#{kind}"
          File.binread(path)
        end
      end

      def merge(incoming)
        added, entry = App::RestoreKitchen.new(now).part(incoming, household)
        can_take_back(entry)
        notice Presenters::Copies.taken_in(added)
        redirect "/safekeeping", 303
      end

      # Asks, and shows what is in it and in the kitchen that is here; `name` nil: a file that was sent.
      def ask(incoming, name)
        contents = incoming.contents(now)
        @title = "Put it back?"
        erb :put_back, locals: { name: name, there: contents, here: Store::Contents.at(file) }
      rescue InvalidInput => e
        show(code: 422, problems: e.problems)
      end

      def show(code: 200, problems: [])
        status code
        @title = "Safekeeping"
        erb :safekeeping, locals: { shown: Presenters::Copies.new(household, copies.all, now),
                                    problem: problems.map { |one| one[:message] }.first }
      end
    end
  end
end
