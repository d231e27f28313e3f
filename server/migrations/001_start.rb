# frozen_string_literal: true

Sequel.migration do
  change do
    create_table(:accounts) do
      primary_key :id
      Integer :status_id, null: false, default: 2
      String :email, null: false, unique: true
      String :name, null: false, default: ""
      String :password_hash
    end

    create_table(:pieces) do
      String :id, primary_key: true
      foreign_key :owner_id, :accounts, null: false
      String :title, null: false
      String :kind, null: false
      String :document, text: true, null: false
      Integer :seq, null: false, default: 0
      Float :created_at, null: false
      Float :updated_at, null: false
      index :owner_id
    end

    # The journal: every change in order, with what takes it back. state: done, undone or lost (a new change came after the undo).
    create_table(:changes) do
      String :piece_id, null: false
      Integer :seq, null: false
      String :kind, null: false
      Integer :of
      String :tab, null: false, default: ""
      foreign_key :person_id, :accounts
      String :operation, text: true, null: false
      String :inverse, text: true, null: false
      String :touched, text: true, null: false
      String :state, null: false, default: "done"
      Float :at, null: false
      primary_key %i[piece_id seq]
      foreign_key [:piece_id], :pieces, on_delete: :cascade
      index %i[piece_id kind state]
    end

    create_table(:editions) do
      String :id, primary_key: true
      foreign_key :piece_id, :pieces, type: String, null: false, on_delete: :cascade
      Integer :number, null: false
      Integer :seq, null: false
      String :title, null: false
      String :page, text: true, null: false
      String :document, text: true, null: false
      Float :made_at, null: false
      Float :taken_back_at
      index :piece_id
    end
  end
end
