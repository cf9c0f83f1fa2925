# frozen_string_literal: true

module FondKettle
  module Store
    # The household's own methods, which are files, changed together with what the database says of it: a
    # change is written down there first, and done to the file once that is sure. Killed in between, it is
    # done at the next start.
    class MethodFiles
      # `folder` is the household's (Folder).
      def initialize(database, folder)
        @database = database
        @folder = folder
      end

      # A method's text as it stands, or nil.
      def text(key)
        @folder.method_text(key)
      end

      # Writes a method's text, or takes its file away (nil), once the write that goes on is sure.
      def put(key, text)
        @database.write do |db|
          db[:method_changes].insert_conflict(:replace).insert(key: key, text: text)
          db.after_commit { finish }
        end
      end

      # Carries out file changes that were recorded and not done yet.
      def finish
        changes = @database.read { |db| db[:method_changes].select_hash(:key, :text) }
        return if changes.empty?

        changes.each { |key, text| @folder.put_method(key, text) }
        @database.write { |db| db[:method_changes].where(key: changes.keys).delete }
      end
    end
  end
end
