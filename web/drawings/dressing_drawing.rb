# frozen_string_literal: true

require_relative "../../lib/fond_kettle/methods/dressings"
require_relative "../html/markup"
require_relative "grip"

module FondKettle
  module Web
    module Drawings
      # A dressing as three scales side by side, sharp, sweet and salty, for 100 g of raw rice: each is
      # set by its disc, and the house styles stand on them as points with their names.
      class DressingDrawing
        Svg = Html::Markup
        WIDTH = 720
        HEIGHT = 330
        TOP = 54.0
        BOTTOM = 270.0
        ACROSS = { vinegar_ml: 80.0, sugar_g: 290.0, salt_g: 500.0 }.freeze
        NAMES = { vinegar_ml: %w[sharp Sharp mL], sugar_g: %w[sweet Sweet g],
                  salt_g: %w[salty Salty g] }.freeze
        # The ends of the scales: what any house makes, with room.
        MOST = { vinegar_ml: 25.0, sugar_g: 14.0, salt_g: 3.0 }.freeze
        # Names of styles that lie close together stand one over the other.
        APART = 24

        # `per`: Methods::DressingPer for 100 g.
        def initialize(per)
          @per = per
        end

        # SVG markup.
        def to_s
          drawn = Svg.tag("title", "The dressing: sharp, sweet and salty", id: "dressing-title") +
                  NAMES.keys.map { |part| scale(part) }.join
          Svg.tag("svg", drawn, class: "pot-drawing dressing-drawing", role: "group",
                                viewBox: "0 0 #{WIDTH} #{HEIGHT}", aria_labelledby: "dressing-title")
        end

        private

        def y(part, amount)
          BOTTOM - ((BOTTOM - TOP) * [amount / MOST.fetch(part), 1.0].min)
        end

        def scale(part)
          x = ACROSS.fetch(part)
          _, name, unit = NAMES.fetch(part)
          [Svg.text(name, x: x, y: 26, class: "label strong middle"),
           Svg.tag("rect", x: x - 11, y: TOP, width: 22, height: BOTTOM - TOP, rx: 11, class: "tube"),
           filled(part, x), *points(part, x), slider(part, x),
           Svg.text("#{figure(part)} #{unit}", x: x, y: BOTTOM + 40, class: "label strong middle")].join
        end

        def filled(part, x)
          top = y(part, @per.public_send(part))
          Svg.tag("rect", x: x - 11, y: top, width: 22, height: BOTTOM - top, rx: 11,
                          class: "filled-#{part.to_s.tr('_', '-')}")
        end

        # Each style once, where it stands on this scale.
        def points(part, x)
          last = HEIGHT.to_f
          by_amount = Methods::Dressings.all.values.group_by { |style| style.per.public_send(part) }
          by_amount.sort.map do |amount, styles|
            at = y(part, amount)
            label = [at + 6, last - APART].min
            last = label
            Svg.tag("circle", cx: x + 26, cy: at, r: 5, class: "style-point") +
              Svg.text(styles.map { |style|
                style.name.downcase
              }.join(", "), x: x + 40, y: label, class: "label")
          end
        end

        def slider(part, x)
          field, name, unit = NAMES.fetch(part)
          at = y(part, @per.public_send(part))
          disc = Grip.reach(x - 47, TOP - 20, 70, BOTTOM - TOP + 40) + Grip.disc(x, at, radius: 15)
          most = MOST.fetch(part)
          Grip.slider(field, "#{name}, #{unit} for 100 g of rice", @per.public_send(part), 0, most, disc,
                      aria_valuetext: "#{figure(part)} #{unit}", data_per_unit: most / (BOTTOM - TOP))
        end

        def figure(part)
          value = @per.public_send(part).round(1)
          value == value.to_i ? value.to_i.to_s : value.to_s
        end
      end
    end
  end
end
