# frozen_string_literal: true

module FondKettle
  # A file that a program keeps for itself and can do without: read only where it is this user's own,
  # written whole or not at all. Where that cannot be, nothing is said.
  module OwnFile
    module_function

    # Its bytes, or nil.
    def read(path)
      File.binread(path) if File.stat(path).owned?
    rescue SystemCallError
      nil
    end

    # Its folder is made where there is none, for this user alone.
    def write(path, bytes)
      make(File.dirname(path)) unless File.directory?(File.dirname(path))
      File.binwrite("#{path}.#{Process.pid}", bytes)
      File.rename("#{path}.#{Process.pid}", path)
    rescue SystemCallError
      nil
    end

    def make(folder)
      require "fileutils"
      FileUtils.mkdir_p(folder, mode: 0o700)
    end
    private_class_method :make
  end
end
