CREATE TABLE "join_points" (
	"job_id" uuid NOT NULL,
	"id" text NOT NULL,
	"body" jsonb NOT NULL,
	CONSTRAINT "join_points_job_id_id_pk" PRIMARY KEY("job_id","id")
);
--> statement-breakpoint
CREATE TABLE "loom_wires" (
	"job_id" uuid NOT NULL,
	"id" text NOT NULL,
	"body" jsonb NOT NULL,
	CONSTRAINT "loom_wires_job_id_id_pk" PRIMARY KEY("job_id","id")
);
--> statement-breakpoint
CREATE TABLE "photos" (
	"job_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"connector_id" text,
	"pin_id" text,
	"caption" text DEFAULT '' NOT NULL,
	"width" integer NOT NULL,
	"height" integer NOT NULL,
	"sha256" text NOT NULL,
	"image" "bytea" NOT NULL,
	"small" "bytea" NOT NULL,
	"removed" boolean DEFAULT false NOT NULL,
	"at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "photos_job_id_id_pk" PRIMARY KEY("job_id","id")
);
--> statement-breakpoint
CREATE TABLE "shelf_items" (
	"kind" text NOT NULL,
	"id" text NOT NULL,
	"body" jsonb NOT NULL,
	"updated_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "shelf_items_kind_id_pk" PRIMARY KEY("kind","id")
);
--> statement-breakpoint
ALTER TABLE "connectors" ADD COLUMN "shell" jsonb;--> statement-breakpoint
ALTER TABLE "connectors" ADD COLUMN "mates_with" text;--> statement-breakpoint
ALTER TABLE "connectors" ADD COLUMN "keep_out" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "join_points" ADD CONSTRAINT "join_points_job_id_jobs_id_fk" FOREIGN KEY ("job_id") REFERENCES "public"."jobs"("id") ON DELETE restrict ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "loom_wires" ADD CONSTRAINT "loom_wires_job_id_jobs_id_fk" FOREIGN KEY ("job_id") REFERENCES "public"."jobs"("id") ON DELETE restrict ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "photos" ADD CONSTRAINT "photos_job_id_jobs_id_fk" FOREIGN KEY ("job_id") REFERENCES "public"."jobs"("id") ON DELETE restrict ON UPDATE no action;--> statement-breakpoint
UPDATE "connectors" SET "shell" = jsonb_build_object('pattern', jsonb_build_object('kind', 'rows', 'rows', "layout" -> 'rows'), 'view', "layout" -> 'view') WHERE jsonb_typeof("layout") = 'object';
