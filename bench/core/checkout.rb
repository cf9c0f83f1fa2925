# frozen_string_literal: true

require "open3"

# A commit of this repository in a process of its own, with the Cases that it knows.
class Checkout
  attr_reader :name, :cases

  # `root`: its folder; `flags`: of Ruby.
  def initialize(name, root, flags = [])
    @name = name
    gems = { "BUNDLE_GEMFILE" => File.expand_path("../../Gemfile", __dir__) }
    worker = File.expand_path("worker.rb", __dir__)
    @in, @out, @waits = Open3.popen2(gems, "bundle", "exec", "ruby", *flags, worker, root)
    @cases = @out.gets.to_s.chomp.split(";")
    abort "#{root} could not be loaded." if @cases.empty?
  end

  # [exponentials, divisions] of a case. It is slower from then on.
  def arithmetic(work)
    asked(work, "count").split.map(&:to_i)
  end

  def objects(work)
    asked(work, "objects").to_i
  end

  # Milliseconds of one of so many.
  def ms(work, times)
    asked(work, times).to_f * 1000 / times
  end

  def close
    @in.close
    @waits.value
  end

  private

  def asked(work, what)
    @in.puts("#{work};#{what}")
    @out.gets.chomp
  end
end
