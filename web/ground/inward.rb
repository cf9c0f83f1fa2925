# frozen_string_literal: true

module FondKettle
  module Web
    # Lets a place ask another for what it would answer: the application stands in the environment.
    class Inward
      KEY = "fond_kettle.app"

      def initialize(app)
        @app = app
      end

      def call(env)
        env[KEY] ||= @app
        @app.call(env)
      end
    end
  end
end
