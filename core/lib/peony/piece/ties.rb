# frozen_string_literal: true

module Peony
  class Piece
    # Labels go with the item they are tied to, and connectors find their way anew, whenever a change moves what they hang on.
    module Ties
      module_function

      # @param before [Piece]
      # @param after [Piece] may be changed
      # @return [Array<String>] ids of labels and connectors that moved
      def settle(before, after)
        after.pages.flat_map do |page|
          hanging = page["objects"].select { |o| o["tie"] || o["type"] == "connector" }
          next [] if hanging.empty?

          old = before.pages.find { |p| p["id"] == page["id"] }
          next [] if old && old["objects"] == page["objects"] && before.data["style"] == after.data["style"]

          hanging.sort_by { |o| o["tie"] ? 0 : 1 }.filter_map { |object| object["id"] if moved?(before, after, page, object) }
        end
      end

      def moved?(before, after, page, object)
        was = [object["box"].dup, object["way"]]
        object["tie"] ? follow(before, after, page, object) : connect(after, object, page)
        was != [object["box"], object["way"]]
      end

      # A label that was itself moved keeps its new place to the item; otherwise it goes with the item.
      def follow(before, after, page, object)
        tie = object["tie"]
        target = page["objects"].find { |o| o["id"] == tie["object"] } or return object.delete("tie")
        place = Scene::Places.of(after, page, target, tie["item"]) or return
        old = before.pages.flat_map { |p| p["objects"] }.find { |o| o["id"] == object["id"] }
        x, y, = object["box"]
        if old && old["tie"] == tie && old["box"].first(2) != [x, y] then tie["at"] = [(x - place[0]).round(1), (y - place[1]).round(1)]
        else object["box"][0, 2] = [(place[0] + tie["at"][0]).round(1), (place[1] + tie["at"][1]).round(1)]
        end
      end

      # @param object [Hash] a connector
      def connect(piece, object, page = piece.pages.find { |p| p["objects"].include?(object) } || piece.pages.find { |p| p["objects"].any? { |o| o["id"] == object.dig("from", "object") } })
        boxes = %w[from to].map { |side| page && ending(piece, page, object[side]) }
        return object["way"] ||= [] if boxes.any?(&:nil?)

        way = Scene::Routes.between(*boxes, Scene::Places.words(piece, page), [piece.width, piece.height])
        object["way"] = way.map { |point| point.map { |v| v.round(1) } }
        left, right = object["way"].map(&:first).minmax
        top, bottom = object["way"].map(&:last).minmax
        object["box"] = [left, top, [right - left, 1].max, [bottom - top, 1].max].map { |v| v.round(1) }
      end

      def ending(piece, page, side)
        target = page["objects"].find { |o| o["id"] == side["object"] }
        target && (Scene::Places.of(piece, page, target, side["item"]) || Scene::Places.of(piece, page, target, nil))
      end
    end
  end
end
