# frozen_string_literal: true

module FondKettle
  # Numbers in figures as people write them: "2300", "2,300", "2 300", "1,5", "1,234.5", "-5".
  # A comma or a point before exactly three figures may part thousands or mark decimals: both
  # readings are given, and whoever asks decides by what the number may be.
  module Figures
    BLANK = "[ \u00a0\u2009\u202f'’]"
    PLAIN = /\A\d+(?:[.,]\d+)?\z/
    # Thousands parted, with at most one kind of mark for them and another for decimals.
    PARTED = /\A\d{1,3}(?:(?:,\d{3})+(?:\.\d+)?|(?:\.\d{3})+(?:,\d+)?|(?:#{BLANK}\d{3})+(?:[.,]\d+)?)\z/
    SIGNED = /\A(?<sign>[-−+])?\s*(?<figures>\d.*)\z/
    # No number that is asked for anywhere is longer.
    LETTERS = 40

    module_function

    # All values that `text` may have, the likelier first; empty when it is no number.
    #
    #   readings("2,300") # => [2300.0, 2.3]
    #   readings("1.250") # => [1.25, 1250.0]
    #   readings("1,5")   # => [1.5]
    def readings(text)
      found = SIGNED.match(text.strip[0, LETTERS + 1])
      return [] if found.nil? || text.strip.size > LETTERS

      sign = "-−".include?(found[:sign] || "+") ? -1 : 1
      both(found[:figures]).map { |value| sign * value }
    end

    # Value of `text` that lies in `range` (nil: any); nil where it is no number, or where both of two
    # readings do. Where `whole`, nobody measures thousandths, and the larger is meant. A number outside the
    # range is given as it most likely is, for the caller to refuse. The block turns a reading into the unit
    # of the range.
    def read(text, range: nil, whole: false, &into)
      values = readings(text)
      values = values.map(&into) if into
      within = range ? values.select { |value| range.cover?(value) } : values
      return chosen(within, text, whole) if within.size > 1

      within.first || values.first
    end

    # The reading, of several, that lies `within` a range, or nil.
    def chosen(within, text, whole)
      return within.max_by(&:abs) if whole

      within.first unless text.include?(",")
    end

    # True when it may be two numbers, and nobody can tell which is meant.
    def undecided?(text)
      text.include?(",") && readings(text).size > 1
    end

    def both(figures)
      plain = Float(figures.tr(",", ".")) if PLAIN.match?(figures)
      parted = parted(figures) if PARTED.match?(figures) && !figures.start_with?("0")
      (figures.include?(",") ? [parted, plain] : [plain, parted]).compact
    end

    # The thousands put together.
    def parted(figures)
      marks = figures.scan(/[.,]/).uniq
      closed = figures.gsub(/#{BLANK}/o, "")
      return Float(closed.tr(",", ".")) if closed != figures

      thousands = marks.first
      Float(closed.delete(thousands).tr(",", "."))
    end
    private_class_method :both, :chosen, :parted
  end
end
