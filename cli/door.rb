# frozen_string_literal: true

require "rqrcode"
require_relative "../lib/fond_kettle/house/door_word"
require_relative "../store/door_book"

module FondKettle
  module Cli
    # The household's door at the start of a kitchen that is open to its network: makes the word the first
    # time, and shows a code that lets in a first device.
    class Door
      WORD_MADE = "The household's word is  %s  A device says it once. It is not shown again; " \
                  "Settings has another."
      CODE = "Or open this on one device within ten minutes: %s"

      # `folder`: the household's.
      def initialize(folder)
        @book = Store::DoorBook.new(folder)
      end

      # Store::DoorBook.
      attr_reader :book

      # Sentences for whoever starts the kitchen; `address`: where it is opened.
      def words(address, now)
        [*new_word(now), format(CODE, code(address, now))]
      end

      # The code as a picture of characters, for a phone's camera; nil where nobody looks at a screen.
      def picture(out)
        return unless out.tty? && @code

        RQRCode::QRCode.new(@code).as_ansi(quiet_zone_size: 1)
      end

      private

      def new_word(now)
        return if @book.word?

        word = House::DoorWord.made
        @book.change_word(word, now)
        format(WORD_MADE, word)
      end

      def code(address, now)
        @code ||= "#{address}/door#join=#{@book.ticket(now)}"
      end
    end
  end
end
