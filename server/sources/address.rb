# frozen_string_literal: true

require "net/http"
require "resolv"
require "ipaddr"

module PeonyServer
  module Sources
    # Addresses on the web. Those that lead to this machine or its own network are refused, also behind a name or a redirection,
    # unless the settings allow them; the connection goes to the very number that was checked.
    module Address
      REDIRECTIONS = 4
      SECONDS = 10
      # Machines of one's own, private networks, and numbers that are no public address (RFC 1918, 4193, 5735, 6598, 6890).
      CLOSED = %w[0.0.0.0/8 10.0.0.0/8 100.64.0.0/10 127.0.0.0/8 169.254.0.0/16 172.16.0.0/12 192.0.0.0/24 192.0.2.0/24 192.168.0.0/16 198.18.0.0/15 198.51.100.0/24 203.0.113.0/24
                  224.0.0.0/3 ::/128 ::1/128 64:ff9b::/96 100::/64 2001:db8::/32 fc00::/7 fe80::/10 ff00::/8].map { |range| IPAddr.new(range) }.freeze
      KINDS = { "text/tab-separated-values" => ".tsv", "application/json" => ".json", "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet" => ".xlsx",
                "application/vnd.oasis.opendocument.spreadsheet" => ".ods" }.freeze
      HEADERS = { "user-agent" => "Peony", "accept" => "text/csv, */*", "accept-encoding" => "identity" }.freeze
      LATER = "It is tried again later; the cells stay as they were."

      module_function

      # @param at [String]
      # @return [Fetched]
      # @raise [Peony::Error]
      def fetch(at)
        uri = checked(at)
        (REDIRECTIONS + 1).times do
          answer, body = get(uri)
          return fetched(answer, body, uri) if answer.is_a?(Net::HTTPSuccess)

          uri = onward(answer, uri)
        end
        raise Peony::Error.new("#{uri.host} sends on and on.", hint: "Give the address the table really has.")
      rescue SocketError, Resolv::ResolvError
        raise Peony::Error.new("There is no such place as #{URI(at).host}.", hint: LATER)
      rescue Timeout::Error
        raise Peony::Error.new("#{URI(at).host} did not answer within #{SECONDS} seconds.", hint: LATER)
      rescue SystemCallError, IOError, OpenSSL::SSL::SSLError, Net::ProtocolError, Net::HTTPBadResponse
        raise Peony::Error.new("#{URI(at).host} cannot be reached.", hint: LATER)
      end

      # Where an answer sends on to, checked as the first address was.
      def onward(answer, uri)
        return checked(URI.join(uri, answer["location"]).to_s) if answer.is_a?(Net::HTTPRedirection) && answer["location"]

        said = answer.message.to_s.empty? ? answer.code : "#{answer.code} (#{answer.message})"
        raise Peony::Error.new("#{uri.host} answered #{said}.", hint: LATER)
      end

      # @return [URI]
      def checked(at)
        uri = URI.parse(at)
        raise Peony::Error.new("“#{at[0, 80]}” is not an address of the web.", hint: "It begins with https:// or http://.") unless uri.is_a?(URI::HTTP) && !uri.host.to_s.empty?
        raise Peony::Error.new("An address with a name and password in it is not kept.", hint: "Give one that opens without them.") if uri.userinfo

        uri
      rescue URI::InvalidURIError
        raise Peony::Error.new("“#{at[0, 80]}” is not an address of the web.", hint: "It begins with https:// or http://.")
      end

      def get(uri)
        number = open_number(uri)
        http = Net::HTTP.new(uri.host, uri.port, nil)
        http.ipaddr = number
        http.use_ssl = uri.scheme == "https"
        http.open_timeout = http.read_timeout = SECONDS
        body = +""
        answer = Timeout.timeout(SECONDS * 2) do
          http.start { |open| open.request_get(uri.request_uri, HEADERS) { |coming| read(coming, body) } }
        end
        [answer, body]
      end

      # Read in parts, so that an endless answer ends.
      def read(answer, body)
        return unless answer.is_a?(Net::HTTPSuccess)

        answer.read_body do |part|
          body << part
          raise Peony::Error.new("What stands there is larger than 20 MB.", hint: "Follow a smaller table.") if body.bytesize > LARGEST
        end
      end

      # @return [String] a number of the host that may be reached
      def open_number(uri)
        return numbers(uri.host).first if Settings.allowed_hosts.include?("#{uri.host}:#{uri.port}")

        found = numbers(uri.host)
        if found.any? { |n| closed?(n) }
          raise Peony::Error.new("#{uri.host} leads to this machine or its own network.", hint: "Such addresses are followed only where the settings allow them (PEONY_ALLOW).")
        end

        found.first
      end

      def numbers(host)
        plain = host.delete_prefix("[").delete_suffix("]")
        [IPAddr.new(plain).to_s]
      rescue IPAddr::Error
        Addrinfo.getaddrinfo(plain, nil, nil, :STREAM).map(&:ip_address).uniq
      end

      def closed?(number)
        ip = IPAddr.new(number.sub(/%.*\z/, ""))
        ip = ip.native if ip.ipv4_mapped? || ip.ipv4_compat?
        CLOSED.any? { |range| range.family == ip.family && range.include?(ip) }
      end

      def fetched(answer, body, uri)
        named = File.extname(uri.path.to_s).downcase
        known = Peony::Tables::TEXTS + Peony::Tables::BOOKS + [".json"]
        Fetched.new(bytes: body, extension: KINDS[answer.content_type] || (known.include?(named) ? named : ".csv"))
      end
    end
  end
end
