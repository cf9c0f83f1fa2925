# frozen_string_literal: true

require "digest"
require "json"
require "rack/files"
require "rack/mime"

module FondKettle
  module Web
    # Ships the fonts, styles and scripts. Addresses carry a digest of the file,
    # so a browser may keep them for good.
    class Assets
      Rack::Mime::MIME_TYPES[".webmanifest"] = "application/manifest+json"
      FOLDER = File.expand_path("../public", __dir__)
      FOREVER = "public, max-age=31536000, immutable"
      DIGESTS = Dir[File.join(FOLDER, "**", "*")].select { |path| File.file?(path) }.to_h do |path|
        [path.delete_prefix(FOLDER), Digest::SHA256.file(path).hexdigest[0, 12]]
      end.freeze

      # Address of a file under web/public: "/css/kettle.css".
      def self.address(path)
        "/assets#{path}?v=#{DIGESTS.fetch(path)}"
      end

      # In every page's head, so that scripts find each other without a bundler: the
      # one inline script, named to the content security policy by its hash.
      SCRIPTS = DIGESTS.keys.select { |path| path.start_with?("/js/") }
      IMPORTS = SCRIPTS.to_h { |path| ["kettle#{path.delete_prefix('/js')}", address(path)] }
      IMPORT_MAP = JSON.generate(imports: IMPORTS).freeze
      IMPORT_MAP_HASH = "'sha256-#{Digest::SHA256.base64digest(IMPORT_MAP)}'".freeze

      def initialize
        @files = Rack::Files.new(FOLDER,
                                 { "cache-control" => FOREVER, "x-content-type-options" => "nosniff" })
      end

      def call(env)
        status, headers, body = @files.call(env)
        headers["cache-control"] = "no-cache" unless kept?(status, env)
        [status, headers, body]
      end

      private

      # The style sheet names the fonts without a digest; a new font gets a new name.
      def kept?(status, env)
        status == 200 && (!env["QUERY_STRING"].empty? || env["PATH_INFO"].end_with?(".woff2"))
      end
    end
  end
end
