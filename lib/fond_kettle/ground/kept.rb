# frozen_string_literal: true

require "digest"
require_relative "own_file"
require_relative "paths"

module FondKettle
  # A cache in var/kept for results that take longer to compute than to read. Its key is a digest of the
  # source and of the core's own files, so that a changed text or rule is computed anew.
  module Kept
    FOLDER = File.join(ROOT, "var", "kept")
    CODE = File.join(ROOT, "lib", "fond_kettle", "**", "*.rb")
    # Bytes of a SHA-256 digest.
    DIGEST = 32
    private_constant :CODE, :DIGEST

    module_function

    # The answer of the block for `texts`, as it was kept, or made and kept. It has to be
    # made of plain values. Where nothing can be written, nothing is kept.
    #
    #   of("grains", text) { checked(text) }
    def of(*texts, root: FOLDER)
      path = File.join(root, code, Digest::SHA256.hexdigest(texts.join("\0")))
      read(path) { yield.tap { |answer| write(path, answer) } }
    end

    # A digest of the core's own files; results of an older core are not used.
    def code
      @code ||= Digest::SHA256.hexdigest(Dir[CODE].map { |path| stamp(path) }.join)[0, 16]
    end

    # The cached value; nil when a byte is damaged, which the digest in front of it shows.
    def read(path)
      kept = OwnFile.read(path)
      if kept
        digest = kept.byteslice(0, DIGEST)
        bytes = kept.byteslice(DIGEST..)
      end
      bytes && Digest::SHA256.digest(bytes) == digest ? Marshal.load(bytes) : yield # rubocop:disable Security/MarshalLoad
    end

    def write(path, answer)
      clear(File.dirname(path)) unless File.directory?(File.dirname(path))
      bytes = Marshal.dump(answer)
      OwnFile.write(path, Digest::SHA256.digest(bytes) + bytes)
    end

    # A folder is for this core alone: what an older one kept goes.
    def clear(folder)
      require "fileutils"
      FileUtils.rm_rf(Dir[File.join(File.dirname(folder), "*")])
    end

    def stamp(path)
      found = File.stat(path)
      [path, found.size, found.mtime.to_r].join(" ")
    end

    private_class_method :code, :read, :write, :clear, :stamp
  end
end
