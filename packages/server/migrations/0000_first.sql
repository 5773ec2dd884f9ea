CREATE TABLE "dossier_changes" (
	"job_id" uuid NOT NULL,
	"revision" integer NOT NULL,
	"role" text NOT NULL,
	"of_revision" integer,
	"words" text NOT NULL,
	"command" jsonb NOT NULL,
	"inverse" jsonb NOT NULL,
	"at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "dossier_changes_job_id_revision_pk" PRIMARY KEY("job_id","revision")
);
--> statement-breakpoint
CREATE TABLE "connectors" (
	"job_id" uuid NOT NULL,
	"id" text NOT NULL,
	"name" text NOT NULL,
	"side" text NOT NULL,
	"place" text NOT NULL,
	"colour_system" text NOT NULL,
	"leads" text NOT NULL,
	"sealed" boolean NOT NULL,
	"layout" jsonb,
	CONSTRAINT "connectors_job_id_id_pk" PRIMARY KEY("job_id","id")
);
--> statement-breakpoint
CREATE TABLE "decisions" (
	"job_id" uuid NOT NULL,
	"id" text NOT NULL,
	"body" jsonb NOT NULL,
	CONSTRAINT "decisions_job_id_id_pk" PRIMARY KEY("job_id","id")
);
--> statement-breakpoint
CREATE TABLE "jobs" (
	"id" uuid PRIMARY KEY NOT NULL,
	"revision" integer NOT NULL,
	"name" text NOT NULL,
	"kind" text NOT NULL,
	"vehicle" text NOT NULL,
	"incoming" text NOT NULL,
	"nominal_volts" double precision NOT NULL,
	"method" text NOT NULL,
	"archived" boolean DEFAULT false NOT NULL,
	"ledger_length" integer DEFAULT 0 NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"updated_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "ledger" (
	"job_id" uuid NOT NULL,
	"seq" integer NOT NULL,
	"event" text NOT NULL,
	"command" text NOT NULL,
	"bytes" text NOT NULL,
	"hash" text NOT NULL,
	CONSTRAINT "ledger_job_id_seq_pk" PRIMARY KEY("job_id","seq"),
	CONSTRAINT "ledger_event_once" UNIQUE("job_id","event")
);
--> statement-breakpoint
CREATE TABLE "pins" (
	"job_id" uuid NOT NULL,
	"id" text NOT NULL,
	"connector_id" text NOT NULL,
	"cavity" text NOT NULL,
	"position" double precision NOT NULL,
	"content" text NOT NULL,
	"function" text NOT NULL,
	"colour" text NOT NULL,
	"size_mm2" double precision,
	"signal" text NOT NULL,
	"note" text NOT NULL,
	CONSTRAINT "pins_job_id_id_pk" PRIMARY KEY("job_id","id")
);
--> statement-breakpoint
ALTER TABLE "dossier_changes" ADD CONSTRAINT "dossier_changes_job_id_jobs_id_fk" FOREIGN KEY ("job_id") REFERENCES "public"."jobs"("id") ON DELETE restrict ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "connectors" ADD CONSTRAINT "connectors_job_id_jobs_id_fk" FOREIGN KEY ("job_id") REFERENCES "public"."jobs"("id") ON DELETE restrict ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "decisions" ADD CONSTRAINT "decisions_job_id_jobs_id_fk" FOREIGN KEY ("job_id") REFERENCES "public"."jobs"("id") ON DELETE restrict ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "ledger" ADD CONSTRAINT "ledger_job_id_jobs_id_fk" FOREIGN KEY ("job_id") REFERENCES "public"."jobs"("id") ON DELETE restrict ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "pins" ADD CONSTRAINT "pins_job_id_jobs_id_fk" FOREIGN KEY ("job_id") REFERENCES "public"."jobs"("id") ON DELETE restrict ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "pins" ADD CONSTRAINT "pins_job_id_connector_id_connectors_job_id_id_fk" FOREIGN KEY ("job_id","connector_id") REFERENCES "public"."connectors"("job_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "ledger_of_command" ON "ledger" USING btree ("job_id","command");--> statement-breakpoint
CREATE INDEX "pins_of_connector" ON "pins" USING btree ("job_id","connector_id");