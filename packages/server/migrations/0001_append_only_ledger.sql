CREATE FUNCTION refuse_ledger_change() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  RAISE EXCEPTION 'the ledger is append-only' USING ERRCODE = 'restrict_violation';
END $$;
--> statement-breakpoint
CREATE TRIGGER ledger_is_append_only BEFORE UPDATE OR DELETE ON ledger FOR EACH ROW EXECUTE FUNCTION refuse_ledger_change();
--> statement-breakpoint
CREATE TRIGGER ledger_is_never_emptied BEFORE TRUNCATE ON ledger FOR EACH STATEMENT EXECUTE FUNCTION refuse_ledger_change();
