# frozen_string_literal: true

require_relative "../../lib/fond_kettle/kit/atmosphere"
require_relative "../drawings/parts/bag"
require_relative "../drawings/shelf_things"
require_relative "presenter"

module FondKettle
  module Web
    module Presenters
      # Bags, cups and the height of the kitchen, as they stand in the cupboard.
      class CupboardShelves < Presenter
        # One of them: the address of its fields, its drawing, its name and what is said of it.
        ShelfTile = Value.define(:address, :drawing, :name, :said)
        # A bag that holds so much, g, is drawn full where none holds more.
        FULL_G = 5000.0

        # ShelfTiles of the bags, as full as they are beside one another.
        def bags
          bags = household.values(:bags)
          full_g = [FULL_G, *bags.map(&:left_g)].max
          bags.map do |bag|
            said = "#{grams(bag.left_g)} left"
            drawn = Drawings::Bag.draw(bag.left_g / full_g, "bag-#{bag.id}", "#{bag.name}, #{said}")
            ShelfTile.new(address: "#bags-#{bag.id}-name", drawing: drawn, name: bag.name, said: said)
          end
        end

        # ShelfTiles of the cups and glasses, to one scale.
        def cups
          household.values(:cups).map do |cup|
            said = "#{plain(cup.ml)} mL"
            ShelfTile.new(address: "#cups-#{cup.id}-name", name: cup.name, said: said,
                          drawing: Drawings::ShelfThings.cup(cup.ml, "#{cup.name}, #{said}"))
          end
        end

        # ShelfTile of how high the kitchen stands.
        def height
          altitude_m = kitchen[:altitude_m]
          boils_c = Kit::Atmosphere.boiling_point_c(altitude_m)
          name = "#{plain(altitude_m)} m high"
          said = "water boils at #{plain(boils_c.round(1))} °C"
          ShelfTile.new(address: "#kitchen", name: name, said: said,
                        drawing: Drawings::ShelfThings.hill(altitude_m, "#{name}, #{said}"))
        end
      end
    end
  end
end
