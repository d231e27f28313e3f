# frozen_string_literal: true

require "fileutils"

module Peony
  module Output
    # Many figures in one process.
    module Batch
      module_function

      # @param jobs [String] a file of JSON Lines
      # @param folder [String] where the files go
      # @yield [Hash] the outcome of each job
      def run(jobs, folder, format)
        FileUtils.mkdir_p(folder)
        File.foreach(jobs) do |line|
          next if line.strip.empty?

          job = JSON.parse(line)
          began = Process.clock_gettime(Process::CLOCK_MONOTONIC)
          begin
            raise Error, "A job needs a name of letters, digits, - and _." unless job["name"].to_s.match?(/\A[\w-]{1,120}\z/)

            File.binwrite(File.join(folder, "#{job['name']}.#{format}"), Paint.file([picture(job)], format, scale: job["scale"] || 1))
            yield({ name: job["name"], ok: true, ms: ((Process.clock_gettime(Process::CLOCK_MONOTONIC) - began) * 1000).round(2) })
          rescue Error => e
            yield({ name: job["name"], ok: false, error: e.full })
          end
        end
      end

      def picture(job)
        house = Style.fetch(job["style"] || "Dome").with(finish: job["finish"])
        width = (job["width"] || 1080).to_f
        height = (job["height"] || 1080).to_f
        edge = [width, height].min / 24.0
        items = job["items"]
        form = job["form"]
        reading = items ? nil : Reading.of(Notes::Text.read(job["text"].to_s))
        if reading
          options = { form: form }
          drawing = Single.drawing(reading, house, width - (edge * 2), height - (edge * 2), options)
        else
          drawing = Figures.draw(form, items, house: house, width: width - (edge * 2), height: height - (edge * 2), heading: job["heading"],
                                              direction: job["direction"] || "ltr")
        end
        nodes = drawing.nodes.map { |node| Scene::Boxes.moved(node, edge, edge) }
        Scene::Picture.new(width: width, height: height, title: job["name"], lang: "en",
                           nodes: [Scene::Rect.new(x: 0, y: 0, w: width, h: height, radius: 0, fill: house.colour("surface")), *nodes])
      end
    end
  end
end
