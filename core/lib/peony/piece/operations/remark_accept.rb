# frozen_string_literal: true

module Peony
  class Piece
    module Operations
      # Keeps (or takes back) that a remark is meant so, with a reason.
      class RemarkAccept < Operation
        operation "remark.accept", { "check" => { "type" => "string" }, "object" => { "type" => "string" }, "state" => { "type" => "string" },
                                     "reason" => { "type" => "string", "maxLength" => 1000 }, "withdraw" => { "type" => "boolean" } },
                  required: %w[check object state]

        def change
          list = (data["accepted"] ||= [])
          entry = { "check" => self["check"], "object" => self["object"], "state" => self["state"], "reason" => self["reason"].to_s }
          same = ->(e) { %w[check object state].all? { |k| e[k] == entry[k] } }
          was = list.find(&same)
          list.reject!(&same)
          list << entry unless self["withdraw"]
          back = { "op" => "remark.accept", **entry.transform_keys(&:itself) }
          was ? back["reason"] = was["reason"] : back["withdraw"] = true
          [back, ["proof"]]
        end
      end
    end
  end
end
