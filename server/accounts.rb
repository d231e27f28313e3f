# frozen_string_literal: true

require "roda"
require "rodauth"

module PeonyServer
  # Signing in. In the demo the sample person is signed in by itself; a new installation asks for its owner first.
  class Accounts < Roda
    DEMO = { email: "rosalind@quillmere.example", name: "Rosalind Ames" }.freeze

    plugin :middleware
    plugin :render, views: File.join(__dir__, "views"), layout: "layout"
    plugin :rodauth do
      enable :login, :logout, :create_account, :change_password
      db { Store.db }
      account_password_hash_column :password_hash
      login_column :email
      use_database_authentication_functions? false
      skip_status_checks? true
      login_label "E-mail address"
      title_instance_variable :@page_title
      require_login_confirmation? false
      password_confirm_label "The password again"
      create_account_additional_form_tags "<p>This is a new installation. Name the address and the password of its owner; whoever knows them can open every piece.</p>"
      login_page_title "Sign in"
      create_account_page_title "Welcome to Peony"
      create_account_button "Begin"
      create_account_autologin? true
      create_account_redirect "/"
      login_redirect "/"
      logout_redirect "/login"
      password_minimum_length 10
      login_does_not_meet_requirements_message "That is not an e-mail address."
      before_create_account_route { request.redirect("/login") unless Store.db[:accounts].empty? }
      before_login_route { request.redirect("/create-account") if Store.db[:accounts].empty? }
      already_logged_in { request.redirect("/") }
      template_opts(layout_opts: { path: File.join(PeonyServer::ROOT, "server", "views", "layout.erb") })
    end

    route do |r|
      env["rodauth"] = rodauth
      sign_in_sample_person(r) if Settings.demo? && !rodauth.logged_in?
      r.rodauth
      r.redirect("/create-account") if r.path == "/" && !rodauth.logged_in? && Store.db[:accounts].empty?
    end

    private

    def sign_in_sample_person(request)
      return if request.path.start_with?("/e/", "/assets/", "/fonts")

      Store.db[:accounts].insert(DEMO) if Store.db[:accounts].where(email: DEMO[:email]).empty?
      rodauth.account_from_login(DEMO[:email])
      rodauth.login_session("demo")
    end
  end
end
