# frozen_string_literal: true

require "fileutils"
require "securerandom"
require_relative "../lib/fond_kettle/ground/errors"
require_relative "../lib/fond_kettle/methods/library"

module FondKettle
  module Store
    # The folder of a household beside its database: its own methods, the key that signs its sessions, and the
    # lock that keeps the folder for one process.
    class Folder
      KEY_BYTES = 64
      KEY_DAMAGED = "The kitchen's file session.key is damaged: remove it, and a new one is made. Forms " \
                    "that are open then have to be loaded again."

      # Of an own method, which is the name of its file too.
      KEY = /\A[a-z0-9-]{1,80}\z/
      BAD_KEY = "must have keys of lower-case letters and hyphens"

      attr_reader :path

      # `path` is the household's folder.
      def initialize(path)
        @path = path
      end

      # The folder of this household's own methods, one file each.
      def methods_folder
        File.join(@path, "methods").tap { |path| FileUtils.mkdir_p(path) }
      end

      # Our methods and the household's own (Methods::Library); read again when a file has
      # changed.
      def library
        stamp = Dir[File.join(methods_folder, "*.yml")].map { |path| [path, File.stat(path).mtime] }
        @library = Methods::Library.with(methods_folder) unless @library_stamp == stamp
        @library_stamp = stamp
        @library
      end

      # Text of each own method by its key.
      def method_texts
        own_keys.to_h { |key| [key, method_text(key)] }
      end

      # Keys of the own methods, those that cannot be read among them.
      def own_keys
        Dir[method_path("*")].map { |path| File.basename(path, ".yml") }.sort
      end

      # An own method's text, or nil where there is none of that key.
      def method_text(key)
        path = method_path(key)
        File.read(path, encoding: "UTF-8") if File.exist?(path)
      end

      # Writes a method's text as KEY.yml, whole or not at all; takes the file away where `text` is nil.
      def put_method(key, text)
        path = method_path(key)
        return FileUtils.rm_f(path) unless text

        File.write("#{path}.new", text)
        File.rename("#{path}.new", path)
      end

      # Puts these methods (texts by key) in the place of all that are there.
      def put_methods(texts)
        texts.each { |key, text| put_method(key, text) }
        (own_keys - texts.keys).each { |key| put_method(key, nil) }
      end

      # Keeps this folder for this process; false when another one has it.
      def lock
        @lock = File.open(File.join(@path, "kettle.lock"), File::RDWR | File::CREAT, 0o600)
        @lock.flock(File::LOCK_EX | File::LOCK_NB) ? true : false
      end

      # Lets go of it.
      def unlock
        @lock&.close
      end

      # The key that signs this household's sessions, made on first use. Raises StoreUnavailable when its file
      # is damaged.
      def session_key
        path = File.join(@path, "session.key")
        write_key(path) unless File.exist?(path)
        key = File.read(path)
        raise StoreUnavailable, KEY_DAMAGED unless key.bytesize == 2 * KEY_BYTES

        key
      end

      private

      # Keys come from copies and other kitchens too: none leads out of the folder. Raises InvalidInput.
      def method_path(key)
        raise InvalidInput.at("methods", BAD_KEY, received: key) unless key == "*" || key.match?(KEY)

        File.join(methods_folder, "#{key}.yml")
      end

      def write_key(path)
        File.open(path, File::WRONLY | File::CREAT | File::EXCL, 0o600) do |file|
          file.write(SecureRandom.hex(KEY_BYTES))
        end
      end
    end
  end
end
