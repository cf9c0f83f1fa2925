# frozen_string_literal: true

module FondKettle
  module Reading
    # Ingredients that are run together in one line: "You want 1 cup peas, 2 onions, thyme".
    module RunTogether
      # What begins such a list, and parts of it.
      OPENS = /\A(?:you\s+(?:want|need)|take|for\s+the\s+[[:alpha:]]+,|for\s+the\s+[[:alpha:]\ ]+:
              |to\s+finish,|ingredients:)\s+/ix
      FOR = /\A(?:for\s+the\s+[[:alpha:]]+|to\s+finish),\s+/i
      AMOUNT = /(?:\A|[,;.]\s*(?:and\s+)?|\s)(?:[\d½¼¾⅓⅔⅛]|an?\s|half\s|one\s|two\s)/i
      # What is said of a thing behind a comma.
      SAID_OF_IT = /\A(?:[[:alpha:]]+ed|cut|in|if|free|or|left|finely|well|with|leaves|for|not|thinly
                   |skin)\b/ix
      # A comma, or an "and" before the next amount.
      PARTS = /,\s+(?:and\s+)?|\s+and\s+(?=the\s+juice\b|[\d½¼¾⅓⅔⅛]|an?\s(?!half)|half\s|one\s|two\s)/i
      # So many make a list.
      FEW = 3

      module_function

      # True for a line that is one.
      def list?(row)
        row.scan(AMOUNT).size >= FEW && (row.match?(OPENS) || row.count(";") >= FEW)
      end

      # Texts of its things.
      def things(sentence)
        bare = sentence.sub(OPENS, "").sub(/[.;]\s*\z/, "")
        parts = bare.include?(";") ? bare.split(/;\s*/) : parts(bare)
        parts.map { |part| part.sub(FOR, "").strip }.reject(&:empty?)
      end

      # A comma stands between two things, or before what is said of one.
      def parts(text)
        text.split(PARTS).each_with_object([]) do |part, found|
          found.any? && part.match?(SAID_OF_IT) ? found[-1] = "#{found.last}, #{part}" : found << part
        end
      end
      private_class_method :parts
    end
  end
end
