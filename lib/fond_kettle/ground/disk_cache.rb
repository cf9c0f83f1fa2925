# frozen_string_literal: true

require "zlib"
require_relative "own_file"
require_relative "paths"

module FondKettle
  # Values on disk that take longer to compute than to read; docs/caches.md says when that is wrong. A file
  # begins with a checksum of the rest, so that a damaged one counts as missing. Where nothing can be written,
  # nothing is stored.
  module DiskCache
    FOLDER = File.join(ROOT, "var", "cache", "values")
    CODE = File.join(ROOT, "lib", "fond_kettle", "**", "*.rb")
    SUM_BYTES = 4
    private_constant :CODE, :SUM_BYTES

    module_function

    # The answer of the block for `texts`, stored under a digest of them and of the core's own files: a
    # changed text or rule is computed anew. It has to be made of plain values.
    #
    #   of("grains", text) { checked(text) }
    def of(*texts, root: FOLDER)
      path = File.join(root, code, digest(texts.join("\0")))
      read(path) || yield.tap do |answer|
        clear(File.dirname(path)) unless File.directory?(File.dirname(path))
        write(path, answer)
      end
    end

    # The value stored in a file; nil when there is none, or it is damaged.
    def read(path)
      whole = OwnFile.read(path).to_s
      bytes = whole.byteslice(SUM_BYTES..).to_s
      Marshal.load(bytes) if sum(bytes) == whole.byteslice(0, SUM_BYTES) # rubocop:disable Security/MarshalLoad
    rescue TypeError, ArgumentError
      nil
    end

    # Stores a value in a file, whole or not at all.
    def write(path, value)
      bytes = Marshal.dump(value)
      OwnFile.write(path, sum(bytes) + bytes)
    end

    def sum(bytes)
      [Zlib.crc32(bytes)].pack("N")
    end

    # Folder of this state of the core.
    def code
      @code ||= digest(Dir[CODE].map { |path| stamp(path) }.join)[0, 16]
    end

    def digest(text)
      require "digest"
      Digest::SHA256.hexdigest(text)
    end

    # Removes the values of an older core.
    def clear(folder)
      require "fileutils"
      FileUtils.rm_rf(Dir[File.join(File.dirname(folder), "*")])
    end

    def stamp(path)
      found = File.stat(path)
      [path, found.size, found.mtime.to_r].join(" ")
    end

    private_class_method :sum, :code, :digest, :clear, :stamp
  end
end
