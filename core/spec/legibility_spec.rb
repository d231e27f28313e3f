# frozen_string_literal: true

# Whatever colours a person chooses and whatever ground a page has, words stay legible: measured by the proof, which looks at the
# scene and knows nothing of how forms choose their inks.
RSpec.describe "Legible by construction" do
  let(:random) { Random.new(11) }

  def any_colour = format("#%06x", random.rand(0x1000000))

  def page_of(form, finish, ground, roles)
    count = form.facts.least.clamp([4, form.facts.most].min, form.facts.most)
    list = items(count, "aspects" => [["weight", "4 kg"], ["price", "£12"]]).each_with_index.map { |item, i| i == 1 ? item.merge("strong" => true) : item }
    figure = { "id" => "f1", "type" => "figure", "form" => form.facts.form, "finish" => finish, "items" => list, "heading" => "How it went", "box" => [80, 80, 900, 700] }
    text = { "id" => "t1", "type" => "text", "text" => "Said in the margin", "role" => "label", "colour" => "accent-2", "box" => [80, 900, 500, 20] }
    operations = [{ "op" => "style.change", "style" => { "name" => "Dome", "roles" => roles } }, { "op" => "page.change", "id" => "p1", "ground" => ground },
                  { "op" => "object.add", "page" => "p1", "object" => figure }, { "op" => "object.add", "page" => "p1", "object" => text }]
    Peony::Piece.blank(title: "x").apply({ "op" => "batch", "operations" => operations }).piece
  end

  def hard_to_see(piece) = Peony::Proof::Checks::Contrast.new(piece).remarks.map { |r| [r.object, r.detail] }

  Peony::Figures::Form.members.each do |name, form|
    it "#{name}, in every finish, on grounds and in colours of any kind" do
      Peony::Figures::Finish.members.each_key do |finish|
        6.times do
          ground = %w[surface surface-2 ink accent-1 accent-3 signal].sample(random: random)
          roles = %w[surface ink accent-1 accent-2 signal].sample(2, random: random).to_h { |role| [role, any_colour] }
          expect([finish, ground, roles, hard_to_see(page_of(form, finish, ground, roles))]).to eq [finish, ground, roles, []]
        end
      end
    end
  end
end
