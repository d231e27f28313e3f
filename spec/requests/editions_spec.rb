# frozen_string_literal: true

RSpec.describe "Editions" do
  before { sign_up }

  let(:id) { make }

  def read(path)
    clear_cookies
    get path
    last_response
  end

  it "open without signing in, hold real text, and stay as they were" do
    figure = place(id)
    path = send_json("POST", "/api/pieces/#{id}/editions")["editions"].first["path"]
    change(id, { op: "item.change", id: figure, item: "i1", set: { title: "Changed later" } })
    page = read(path)
    expect(page.status).to eq 200
    expect(page.body).to include("Point the main", "<text", 'name="viewport"').and(satisfy { |body| !body.include?("Changed later") })
    expect(page.headers["content-security-policy"]).to include("default-src 'none'")
    expect(page.headers["set-cookie"]).to be_nil
  end

  it "have addresses nobody can guess" do
    paths = Array.new(2) { send_json("POST", "/api/pieces/#{id}/editions")["editions"].first["path"] }
    expect(paths.uniq.size).to eq 2
    expect(paths.first).to match(%r{\A/e/trial-[a-z2-9]{16}\z})
  end

  it "are brought up to date at the same address, and taken back" do
    figure = place(id)
    edition = send_json("POST", "/api/pieces/#{id}/editions")["editions"].first
    change(id, { op: "item.change", id: figure, item: "i1", set: { title: "Aim well" } })
    send_json("POST", "/api/editions/#{edition['id']}/renew")
    get edition["path"]
    expect(last_response.body).to include("Aim well")
    send_json("DELETE", "/api/editions/#{edition['id']}")
    expect(read(edition["path"]).status).to eq 404
    expect(last_response.body).to include("not published").and(satisfy { |body| !body.include?("Aim well") })
  end

  it "hold a page for wide screens and one for phones, and show one of them" do
    place(id)
    page = read(send_json("POST", "/api/pieces/#{id}/editions")["editions"].first["path"]).body
    expect(page.scan('<figure class="wide">').size).to eq 1
    expect(page.scan('<figure class="narrow">').size).to eq 1
    css = read("/edition.css").body
    expect(css).to include(".narrow{display:none}", "max-width:640px")
  end

  it "show nothing that was never published" do
    place(id)
    expect(read("/e/#{id}").status).to eq 404
    expect(read("/e/anything").body).to include("not published")
  end

  it "bring their fonts from here" do
    css = read("/edition.css").body
    file = css[%r{/fonts/\w+\.ttf}]
    expect(read(file).headers["content-type"]).to eq "font/ttf"
  end
end
