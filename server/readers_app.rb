# frozen_string_literal: true

require "sinatra/base"

module PeonyServer
  # For readers: published editions, the fonts and the style sheet. Knows no session and sees nothing else.
  class ReadersApp < Sinatra::Base
    set :environment, :production
    set :protection, false
    set :host_authorization, { permitted_hosts: [] }
    set :static, false
    set :show_exceptions, false
    set :views, File.join(__dir__, "views")

    get "/e/:edition" do
      edition = Store::Editions.published(params["edition"])
      halt 404 unless edition
      content_type :html
      headers "cache-control" => "no-cache", "referrer-policy" => "no-referrer", "x-robots-tag" => "noindex"
      edition[:page]
    end

    get "/edition.css" do
      content_type :css
      headers "cache-control" => "public, max-age=3600"
      faces + Peony::Paint::HTML::CSS
    end

    get "/edition.js" do
      content_type :js
      headers "cache-control" => "public, max-age=3600"
      Peony::Paint::HTML::CLOCK
    end

    { "css" => "text/css", "js" => "text/javascript" }.each do |kind, type|
      get "/present.#{kind}" do
        content_type type
        headers "cache-control" => "public, max-age=3600"
        File.read(File.join(Peony::ASSETS, "edition", "present.#{kind}"))
      end
    end

    get "/fonts/:file" do
      path = File.join(Peony::Type::Fonts::FOLDER, File.basename(params["file"]))
      halt 404 unless params["file"].match?(/\A\w+\.ttf\z/) && File.file?(path)
      content_type "font/ttf"
      headers "cache-control" => "public, max-age=31536000, immutable"
      File.binread(path)
    end

    # The mark in the browser's tab: five petals and a heart.
    get("/peony.svg") do
      content_type "image/svg+xml"
      headers "cache-control" => "public, max-age=86400"
      petals = Array.new(5) { |i| %(<ellipse cx="16" cy="8.5" rx="6" ry="7.5" transform="rotate(#{i * 72} 16 16)"/>) }.join
      %(<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 32 32"><g fill="#b0265a">#{petals}</g><circle cx="16" cy="16" r="4.5" fill="#f0c878"/></svg>)
    end

    get("/fonts.css") do
      content_type :css
      headers "cache-control" => "public, max-age=3600"
      faces
    end

    get("/sign-in.css") do
      content_type :css
      File.read(File.join(__dir__, "views", "sign-in.css"))
    end

    not_found { gone }

    private

    def faces
      Peony::Type::Fonts::FILES.flat_map do |family, weights|
        weights.map do |weight, file|
          %(@font-face{font-family:"#{family}";font-weight:#{weight};font-display:block;src:url(/fonts/#{file}.ttf) format("truetype")}\n)
        end
      end.join
    end

    def gone
      content_type :html
      <<~PAGE
        <!doctype html>
        <html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width,initial-scale=1"><title>Not published</title>
        <link rel="stylesheet" href="/fonts.css"><link rel="stylesheet" href="/sign-in.css"></head>
        <body><main><h1>This page is not published</h1><p>It was taken back, or the address is not quite right. Ask whoever sent it to you.</p></main></body></html>
      PAGE
    end
  end
end
